<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\ClimateLine;
use JackRest\Core\Season\PieceInShed;

/**
 * The rest test of a blank: prepared and measured, left a week, measured again. What moved is not for a reference.
 *
 * The first measure and the last one a week after it or later are compared; the largest change of bow, wind and cup
 * decides. Common practice, no source; how much counts as moving is from memory.
 */
final readonly class RestTest
{
    public const DAYS = 7.0;

    /** Beyond what a feeler gauge and a straightedge read twice alike; from memory. */
    public const BEARS_MM = 0.15;

    /** Less than this of moisture is no change of the air; from memory. */
    private const STILL_PCT = 0.2;

    /** A week is over in the same hour, or a little before. */
    private const EARLY_DAYS = 0.25;

    public RestVerdict $verdict;

    /** What changed most, mm; 0 before the week is over. */
    public float $movedMm;

    private string $what;

    /** @param  list<RestReading>  $visits  in the order they were made */
    public function __construct(private array $visits, private float $today)
    {
        [$this->what, $this->movedMm] = self::largest($visits);
        $first = $visits[0] ?? null;
        $this->verdict = match (true) {
            $first === null => RestVerdict::NotBegun,
            $this->movedMm > self::BEARS_MM => RestVerdict::Moved,
            self::after($visits) !== null => RestVerdict::Still,
            $today < $first->day + self::DAYS - self::EARLY_DAYS => RestVerdict::Resting,
            default => RestVerdict::Due,
        };
    }

    /** The day on which it is measured again; null: nothing is waited for. */
    public function againOn(): ?float
    {
        return in_array($this->verdict, [RestVerdict::Resting, RestVerdict::Due], true)
            ? $this->visits[0]->day + self::DAYS
            : null;
    }

    public function says(LengthFormatter $format): string
    {
        return match ($this->verdict) {
            RestVerdict::NotBegun => 'Not rested yet: prepare it, measure it, leave it a week.',
            RestVerdict::Resting => 'Resting until '.
                gmdate('j F', (int) (((float) $this->againOn()) * ClimateLine::SECONDS_PER_DAY)).
                '.',
            RestVerdict::Due => 'Its week is over: measure it again.',
            RestVerdict::Still => 'It rested '.
                $this->rested().
                ' and stayed as it was'.
                ($this->movedMm > 0 ? ", within {$format->small($this->movedMm)}." : '.'),
            RestVerdict::Moved => "It moved by {$format->small($this->movedMm)} of {$this->what} in "
                ."{$this->rested()}: use another piece.",
        };
    }

    /**
     * What the air did to its moisture between the first measure and the last, by the shop's log; null: the log does
     * not tell.
     */
    public function meanwhile(PieceInShed $piece): ?string
    {
        if (count($this->visits) < 2) {
            return null;
        }
        [$before, $after] = [
            $piece->on($this->visits[0]->day),
            $piece->on($this->visits[count($this->visits) - 1]->day),
        ];
        if ($before === null || $after === null) {
            return null;
        }
        $change = $after - $before;

        return abs($change) < self::STILL_PCT
            ? 'The air stayed as it was meanwhile: what it did, it did by itself.'
            : 'Meanwhile its wood '.
                    ($change > 0 ? 'took up' : 'gave off').
                    ' '.
                    LengthFormatter::decimal(abs($change), 1).
                    ' % by your log.';
    }

    private function rested(): string
    {
        $days = (int) round($this->visits[count($this->visits) - 1]->day - $this->visits[0]->day);

        return $days === 1 ? 'a day' : "$days days";
    }

    /**
     * What changed most between the first measure and any later one: a piece that has moved once may move back.
     *
     * @param  list<RestReading>  $visits
     * @return array{string, float}
     */
    private static function largest(array $visits): array
    {
        [$what, $most] = ['', 0.0];
        foreach (array_slice($visits, 1) as $visit) {
            foreach ($visit->byName() as $name => $mm) {
                $moved = abs($mm - $visits[0]->byName()[$name]);
                [$what, $most] = $moved > $most ? [$name, $moved] : [$what, $most];
            }
        }

        return [$what, $most];
    }

    /** @param  list<RestReading>  $visits */
    private static function after(array $visits): ?RestReading
    {
        foreach ($visits as $visit) {
            if ($visit->day >= $visits[0]->day + self::DAYS - self::EARLY_DAYS) {
                return $visit;
            }
        }

        return null;
    }
}
