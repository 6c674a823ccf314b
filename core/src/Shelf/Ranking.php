<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\RestLog;

/** The blanks of a shelf for one piece, the best first, with the reasons. */
final readonly class Ranking
{
    /** @param  list<Judged>  $judged  best first */
    private function __construct(public array $judged, private bool $isLogged, private LengthFormatter $format)
    {
    }

    /** @param  list<WoodBlank>  $blanks */
    public static function of(array $blanks, WantedPiece $wanted, RestLog $log, LengthFormatter $format): self
    {
        $swing = Swing::of($log, $wanted->thicknessMm);
        $judged = array_map(static fn (WoodBlank $blank): Judged => new Judged($blank, $wanted, $swing, $format), $blanks);
        usort($judged, static fn (Judged $one, Judged $other): int => $one->compare($other));

        return new self($judged, $swing->isLogged, $format);
    }

    /** The one to take: the best that is not ruled out; null: none is. */
    public function best(): ?Judged
    {
        $first = $this->judged[0] ?? null;

        return $first === null || $first->fitness === Fitness::Unfit ? null : $first;
    }

    /** @return array{says: string, why: string} */
    public function next(): array
    {
        $best = $this->best();
        $by = $this->isLogged ? '' : ' Reckoned with a usual year; a log of your own air tells it better.';

        return match (true) {
            $this->judged === [] => ['says' => 'Write down the blanks on your shelf.', 'why' => 'Length, width, thickness, rings and run-out: from these is told which of them moves least.'],
            $best === null => ['says' => 'None of these is for that piece.', 'why' => $this->judged[0]->blank->name.' comes nearest: '.lcfirst($this->judged[0]->reasons[0]->says)],
            default => ['says' => $this->says($best), 'why' => $best->moves($this->format).$by],
        };
    }

    private function says(Judged $best): string
    {
        $name = $best->blank->name;

        return match ($best->blank->rest->verdict) {
            RestVerdict::NotBegun => "Take the $name: prepare it, measure it, and leave it a week.",
            RestVerdict::Resting => "Wait for the $name: it is resting.",
            RestVerdict::Due => "Measure the $name again: its week is over.",
            default => "Take the $name.",
        };
    }
}
