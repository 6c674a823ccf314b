<?php

declare(strict_types=1);

namespace JackRest\Desk\ShadowBoard;

use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\ShadowBoard\Arrangement;
use JackRest\Core\ShadowBoard\Arranger;
use JackRest\Core\ShadowBoard\BoardTool;
use JackRest\Core\ShadowBoard\LeftOut;
use JackRest\Core\ShadowBoard\Panel;
use JackRest\Desk\Measure\Figure;

/** A shadow board as far as it has been described: its panel, and where the chosen tools hang. */
final readonly class ShadowBoardForm
{
    private const LEAST_MM = 100;

    private const MOST_MM = 5000;

    /**
     * @param  array<string, Figure>  $figures  width, height, room
     * @param  list<BoardTool>  $tools
     * @param  Panel|null  $panel  null while a figure is missing or wrong
     */
    private function __construct(public array $figures, public array $tools, public ?Panel $panel, public ?Arrangement $arrangement, private LengthFormatter $format)
    {
    }

    /** @param  list<BoardTool>  $tools */
    public static function of(string $width, string $height, string $room, array $tools, LengthFormatter $format): self
    {
        $panel = static fn (string $typed): Figure => Figure::of($typed, DimensionUnit::Length, $format)->within(self::LEAST_MM, self::MOST_MM, 'A panel is between '.$format->dimension(self::LEAST_MM).' and '.$format->dimension(self::MOST_MM).'.');
        $figures = [
            'width' => $panel($width),
            'height' => $panel($height),
            'room' => Figure::of($room, DimensionUnit::Length, $format)->within(5, 150, 'A hand needs between '.$format->dimension(5).' and '.$format->dimension(150).'.'),
        ];
        [$w, $h, $r] = array_map(static fn (Figure $figure): ?float => $figure->value, array_values($figures));
        if ($w === null || $h === null || $r === null) {
            return new self($figures, $tools, null, null, $format);
        }
        $arrangement = Arranger::arrange(new Panel($w, $h, $r), $tools);
        $figures['width'] = self::beside($figures['width'], $arrangement, $tools, $format);

        return new self($figures, $tools, new Panel($w, $h, $r), $arrangement, $format);
    }

    public function isSound(): bool
    {
        return $this->arrangement !== null && $this->arrangement->hung !== [] && array_filter($this->figures, static fn (Figure $figure): bool => $figure->error !== null) === [];
    }

    /** @return array{says: string, why: string} */
    public function next(int $sheets): array
    {
        $arrangement = $this->arrangement;
        if ($this->tools === []) {
            return ['says' => 'Choose the tools that shall hang here.', 'why' => 'Each is drawn in its own outline, from the sizes you read off it.'];
        }
        if ($arrangement === null || $this->panel === null) {
            return ['says' => 'Read off the panel: its width and its height.', 'why' => 'Then it is told which of the tools fit, and where each hangs.'];
        }
        $all = count($this->tools);
        $print = $sheets === 1 ? 'print one sheet' : "print $sheets sheets";
        if ($arrangement->left === []) {
            return ['says' => ($all === 1 ? 'It hangs' : "All $all hang").": $print.", 'why' => "{$arrangement->order->says()} ".$this->format->dimension($this->panel->height - $arrangement->usedMm).' stay free below.'];
        }
        $left = count($arrangement->left);

        return [
            'says' => ($left === 1 ? 'One' : (string) $left)." of $all ".($left === 1 ? 'does' : 'do').' not fit: take a larger panel, or leave '.($left === 1 ? 'it' : 'them').' out.',
            'why' => $this->larger($arrangement, $this->panel),
        ];
    }

    /** Why a tool does not hang. */
    public function why(LeftOut $left): string
    {
        $outline = $left->tool->outline;

        return $left->isTooLarge
            ? 'larger than the panel: with room for the hand '.$this->format->dimension($outline->width + ($this->panel->room ?? 0)).' × '.$this->format->dimension($outline->height + ($this->panel->room ?? 0))
            : 'no room is left for it';
    }

    private function larger(Arrangement $arrangement, Panel $panel): string
    {
        $tooLarge = array_filter($arrangement->left, static fn (LeftOut $left): bool => $left->isTooLarge);
        $rest = count($arrangement->left) - count($tooLarge);

        return trim(match (count($tooLarge)) {
            0 => '',
            1 => ucfirst(reset($tooLarge)->tool->name).' is larger than the panel. ',
            default => count($tooLarge).' are larger than the panel. ',
        }.($rest === 0 ? '' : 'A panel of this width takes '.($tooLarge === [] ? 'all' : 'the others').' if it is '.$this->format->dimension(ceil($arrangement->neededMm)).' high.'));
    }

    /**
     * A panel on which none of the tools fits is refused beside its width.
     *
     * @param  list<BoardTool>  $tools
     */
    private static function beside(Figure $width, Arrangement $arrangement, array $tools, LengthFormatter $format): Figure
    {
        if ($tools === [] || array_filter($arrangement->left, static fn (LeftOut $left): bool => ! $left->isTooLarge) !== [] || $arrangement->hung !== []) {
            return $width;
        }
        $smallest = $tools[0];
        foreach ($tools as $tool) {
            $smallest = $tool->outline->width * $tool->outline->height < $smallest->outline->width * $smallest->outline->height ? $tool : $smallest;
        }

        return $width->refused('The panel is smaller than each of the tools: even the '.$smallest->name.' takes '.$format->dimension($smallest->outline->width).' × '.$format->dimension($smallest->outline->height).'.');
    }
}
