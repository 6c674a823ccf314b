<?php

declare(strict_types=1);

namespace JackRest\Desk\ShadowBoard;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\ShadowBoard\Arrangement;
use JackRest\Core\ShadowBoard\Arranger;
use JackRest\Core\ShadowBoard\BoardTool;
use JackRest\Core\ShadowBoard\LeftOut;
use JackRest\Core\ShadowBoard\Panel;
use JackRest\Desk\Advice;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Form\Reading;

/** A shadow board as far as it has been described: its panel, and where the chosen tools hang. */
final readonly class ShadowBoardForm
{
    private const LEAST_MM = 100;

    private const MOST_MM = 5000;

    /**
     * @param  list<BoardTool>  $tools
     * @param  Panel|null  $panel  null while a figure is missing or wrong
     */
    private function __construct(
        public Form $form,
        public array $tools,
        public ?Panel $panel,
        public ?Arrangement $arrangement,
        private LengthFormatter $format,
    ) {
    }

    /** @param  list<BoardTool>  $tools */
    public static function of(string $width, string $height, string $room, array $tools, LengthFormatter $format): self
    {
        $form = Form::of(self::fields($format), ['width' => $width, 'height' => $height, 'room' => $room], $format);
        [$w, $h, $r] = array_map($form->value(...), ['width', 'height', 'room']);
        if ($w === null || $h === null || $r === null) {
            return new self($form, $tools, null, null, $format);
        }
        $arrangement = Arranger::arrange(new Panel($w, $h, $r), $tools);
        $form = $form->with('width', self::beside($form->readings['width'], $arrangement, $tools, $format));

        return new self($form, $tools, new Panel($w, $h, $r), $arrangement, $format);
    }

    /** @return list<FormField> */
    public static function fields(LengthFormatter $format): array
    {
        $panel = "A panel is between {$format->dimension(self::LEAST_MM)} and {$format->dimension(self::MOST_MM)}.";
        $hand = "A hand needs between {$format->dimension(5)} and {$format->dimension(150)}.";

        return [
            new FormField(
                'width',
                Quantity::Length,
                self::LEAST_MM,
                self::MOST_MM,
                'Width',
                complaint: $panel,
                missing: 'Read this off first.',
            ),
            new FormField(
                'height',
                Quantity::Length,
                self::LEAST_MM,
                self::MOST_MM,
                'Height',
                complaint: $panel,
                missing: 'Read this off first.',
            ),
            new FormField(
                'room',
                Quantity::Length,
                5,
                150,
                'Room for the hand',
                complaint: $hand,
                missing: 'Read this off first.',
            ),
        ];
    }

    public function isSound(): bool
    {
        return $this->arrangement !== null && $this->arrangement->hung !== [] && $this->form->isSound();
    }

    public function next(int $sheets): Advice
    {
        $arrangement = $this->arrangement;
        if ($this->tools === []) {
            return new Advice(
                'Choose the tools that are to hang here.',
                'Each is drawn in its own outline, from the sizes you read off it.',
            );
        }
        if ($arrangement === null || $this->panel === null) {
            return new Advice(
                'Read off the panel: its width and its height.',
                'Then you see which of the tools fit, and where each hangs.',
            );
        }
        $all = count($this->tools);
        $print = $sheets === 1 ? 'print one sheet' : "print $sheets sheets";
        if ($arrangement->left === []) {
            return new Advice(
                ($all === 1 ? 'It hangs' : "All $all hang").": $print.",
                "{$arrangement->order->says()} ".
                    $this->format->dimension($this->panel->height - $arrangement->usedMm).
                    ' stay free below.',
            );
        }
        $left = count($arrangement->left);

        return new Advice(
            ($left === 1 ? 'One' : (string) $left).
                " of $all ".
                ($left === 1 ? 'does' : 'do').
                ' not fit: take a larger panel, or leave '.
                ($left === 1 ? 'it' : 'them').
                ' out.',
            $this->larger($arrangement, $this->panel),
        );
    }

    /** Why a tool does not hang. */
    public function why(LeftOut $left): string
    {
        $outline = $left->tool->outline;

        return $left->isTooLarge
            ? 'larger than the panel: with room for the hand '.
                    $this->format->dimension($outline->width + ($this->panel->room ?? 0)).
                    ' × '.
                    $this->format->dimension($outline->height + ($this->panel->room ?? 0))
            : 'no room is left for it';
    }

    private function larger(Arrangement $arrangement, Panel $panel): string
    {
        $tooLarge = array_filter($arrangement->left, static fn (LeftOut $left): bool => $left->isTooLarge);
        $rest = count($arrangement->left) - count($tooLarge);

        return trim(
            match (count($tooLarge)) {
                0 => '',
                1 => ucfirst(reset($tooLarge)->tool->name).' is larger than the panel. ',
                default => count($tooLarge).' are larger than the panel. ',
            }.
                ($rest === 0
                    ? ''
                    : 'A panel of this width takes '.
                        ($tooLarge === [] ? 'all' : 'the others').
                        ' if it is '.
                        $this->format->dimension(ceil($arrangement->neededMm)).
                        ' high.'),
        );
    }

    /**
     * A panel on which none of the tools fits is refused beside its width.
     *
     * @param  list<BoardTool>  $tools
     */
    private static function beside(
        Reading $width,
        Arrangement $arrangement,
        array $tools,
        LengthFormatter $format,
    ): Reading {
        if (
            $tools === [] ||
            array_filter($arrangement->left, static fn (LeftOut $left): bool => ! $left->isTooLarge) !== [] ||
            $arrangement->hung !== []
        ) {
            return $width;
        }
        $smallest = $tools[0];
        foreach ($tools as $tool) {
            $smallest =
                $tool->outline->width * $tool->outline->height < $smallest->outline->width * $smallest->outline->height
                    ? $tool
                    : $smallest;
        }

        return $width->refused(
            'The panel is smaller than each of the tools: even the '.
                $smallest->name.
                ' takes '.
                $format->dimension($smallest->outline->width).
                ' × '.
                $format->dimension($smallest->outline->height).
                '.',
        );
    }
}
