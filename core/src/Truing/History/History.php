<?php

declare(strict_types=1);

namespace JackRest\Core\Truing\History;

use JackRest\Core\Truing\Verdict;

/**
 * What a reference's tests say together: whether it can be trusted, whether it drifts, when it is to be tested next.
 */
final readonly class History
{
    /** First interval after a test or a correction, and the longest: a season. From memory. */
    private const FIRST_DAYS = 60.0;

    private const LONGEST_DAYS = 180.0;

    /** Nobody tests sooner than this for a drift alone; from memory. */
    private const SOONEST_DAYS = 7.0;

    public ?Drift $drift;

    /**
     * @param  list<Tested>  $tests  in the order they were made
     * @param  float  $toleranceMm  what the user's work bears
     * @param  float|null  $droppedDay  when it fell last; null: it never did
     */
    public function __construct(public array $tests, public float $toleranceMm, public ?float $droppedDay = null)
    {
        $this->drift = Drift::of($tests);
    }

    /** Why it wants testing now; null: it can be trusted. */
    public function due(float $today): ?DueReason
    {
        $last = $this->last();

        return match (true) {
            $last === null => DueReason::NeverTested,
            $this->droppedDay !== null && $last->day < $this->droppedDay => DueReason::Fell,
            $last->corrected => DueReason::Corrected,
            $last->verdict === Verdict::Outside => DueReason::Outside,
            $last->verdict === Verdict::CannotTell => DueReason::CannotTell,
            $today >= $last->day + ($this->intervalDays() ?? INF) => $this->driftDays() !== null &&
            $this->driftDays() <= $this->staircaseDays()
                ? DueReason::Drift
                : DueReason::LongAgo,
            default => null,
        };
    }

    /** The day of the next check while it can be trusted; null: it is due now, or was never tested. */
    public function nextCheckDay(): ?float
    {
        $days = $this->intervalDays();
        $last = $this->last();

        return $days === null || $last === null ? null : $last->day + $days;
    }

    /**
     * Days from the last test to the next one; null: it wants testing at once.
     *
     * The sooner of two: the staircase of ILAC-G24 / OIML D 10 (every test passed in turn doubles the interval; its
     * first step and its longest are from memory), and the day on which the drift would carry error and uncertainty
     * past the tolerance.
     */
    public function intervalDays(): ?float
    {
        $last = $this->last();
        if (
            $last === null ||
            $last->corrected ||
            $last->verdict !== Verdict::Within ||
            ($this->droppedDay !== null && $last->day < $this->droppedDay)
        ) {
            return null;
        }

        return max(self::SOONEST_DAYS, min($this->staircaseDays(), $this->driftDays() ?? INF));
    }

    public function last(): ?Tested
    {
        return $this->tests[count($this->tests) - 1] ?? null;
    }

    private function staircaseDays(): float
    {
        $passed = 0;
        foreach (array_reverse($this->tests) as $test) {
            if ($test->corrected || $test->verdict !== Verdict::Within) {
                break;
            }
            $passed++;
        }

        return min(self::LONGEST_DAYS, self::FIRST_DAYS * 2 ** max(0, $passed - 1));
    }

    /** Days until the drift may carry it past the tolerance; null: none is told, or it drifts home. */
    private function driftDays(): ?float
    {
        $last = $this->last();
        if ($last === null || $this->drift === null || ! $this->drift->isTold) {
            return null;
        }
        // A drift toward nought passes through it: what counts is the side it is bound for.
        $side = $this->drift->mmPerDay > 0 ? 1.0 : -1.0;

        return max(
            0.0,
            ($this->toleranceMm - $side * $last->errorMm - $last->uncertaintyMm) / abs($this->drift->mmPerDay),
        );
    }
}
