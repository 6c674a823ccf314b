<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

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

    /** Which of bow, wind and cup that was; empty: none. */
    public string $what;

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

    /** Days between the first measure and the last. */
    public function restedDays(): int
    {
        return $this->visits === []
            ? 0
            : (int) round($this->visits[count($this->visits) - 1]->day - $this->visits[0]->day);
    }

    /**
     * What the air did to its moisture between the first measure and the last, %, by the shop's log; 0 where that is
     * no change; null: the log does not tell.
     */
    public function airDidPct(PieceInShed $piece): ?float
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

        return abs($after - $before) < self::STILL_PCT ? 0.0 : $after - $before;
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
