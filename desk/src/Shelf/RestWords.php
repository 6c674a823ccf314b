<?php

declare(strict_types=1);

namespace JackRest\Desk\Shelf;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Season\PieceInShed;
use JackRest\Core\Shelf\RestTest;
use JackRest\Core\Shelf\RestVerdict;

/** What the rest test of a blank says. */
final readonly class RestWords
{
    public function __construct(private RestTest $rest, private LengthFormatter $format)
    {
    }

    public function says(): string
    {
        $moved = $this->format->small($this->rest->movedMm);

        return match ($this->rest->verdict) {
            RestVerdict::NotBegun => 'Not rested yet: prepare it, measure it, leave it a week.',
            RestVerdict::Resting => 'Resting until '.
                gmdate('j F', (int) (((float) $this->rest->againOn()) * ClimateLine::SECONDS_PER_DAY)).
                '.',
            RestVerdict::Due => 'Its week is over: measure it again.',
            RestVerdict::Still => "It rested {$this->rested()} and stayed as it was".
                ($this->rest->movedMm > 0 ? ", within $moved." : '.'),
            RestVerdict::Moved => "It moved by $moved of {$this->rest->what} in {$this->rested()}: use another piece.",
        };
    }

    /** What the air did to it between its measures; null: the log does not tell. */
    public function meanwhile(PieceInShed $piece): ?string
    {
        $change = $this->rest->airDidPct($piece);

        return match (true) {
            $change === null => null,
            $change === 0.0 => 'The air stayed as it was meanwhile: what it did, it did by itself.',
            default => 'Meanwhile its wood '.
                ($change > 0 ? 'took up' : 'gave off').
                ' '.
                LengthFormatter::decimal(abs($change), 1).
                ' % by your log.',
        };
    }

    private function rested(): string
    {
        $days = $this->rest->restedDays();

        return $days === 1 ? 'a day' : "$days days";
    }
}
