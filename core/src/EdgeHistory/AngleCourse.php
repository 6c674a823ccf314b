<?php

declare(strict_types=1);

namespace JackRest\Core\EdgeHistory;

use JackRest\Core\Measure\LeastSquares;

/**
 * The honed angle as measured over time against the angle it is meant to have.
 *
 * Strops and tired hands steepen it. A line is laid through the measurements since it was last ground; where it
 * passes the tolerance of the school the edge goes back to the stones, or the wheel.
 */
final readonly class AngleCourse
{
    public const TOLERANCE_DEG = ['degree' => 1.0, 'repeatable' => 4.0];

    /** @param  list<EdgeEntry>  $measured  since it was last ground, oldest first */
    private function __construct(
        public array $measured,
        public float $aimDeg,
        public float $toleranceDeg,
        private string $today,
    ) {
    }

    /**
     * @param  list<EdgeEntry>  $events  oldest first
     * @param  string  $today  ISO date
     */
    public static function of(array $events, float $aimDeg, float $toleranceDeg, string $today): self
    {
        $since = [];
        foreach ($events as $event) {
            $since = match (true) {
                $event->kind === EdgeEntryKind::Ground => [],
                $event->kind === EdgeEntryKind::Measured &&
                    $event->deg !== null &&
                    ! str_starts_with($event->note, 'ground') => [...$since, $event],
                default => $since,
            };
        }

        return new self($since, $aimDeg, $toleranceDeg, $today);
    }

    /** Days until the line passes the tolerance; null: it does not, or too little is measured. */
    public function daysLeft(): ?float
    {
        $line = $this->line();
        if ($line === null || $line->slope <= 1e-6) {
            return null;
        }
        $today = Life::days($this->measured[0]->at, $this->today);
        $left = ($this->aimDeg + $this->toleranceDeg - $line->intercept) / $line->slope - $today;

        return $left > 3650 ? null : max(0.0, $left);
    }

    /** How much steeper than meant it was measured last, degrees; null: it was not measured since. */
    public function overDeg(): ?float
    {
        $last = $this->measured[count($this->measured) - 1] ?? null;

        return $last === null ? null : (float) $last->deg - $this->aimDeg;
    }

    /** Degrees over days, through what was measured; null: too little was. */
    public function line(): ?LeastSquares
    {
        $points = array_map(
            fn (EdgeEntry $event): array => [Life::days($this->measured[0]->at, $event->at), (float) $event->deg],
            $this->measured,
        );
        if (count($points) < 2 || $points[0][0] === $points[count($points) - 1][0]) {
            return null;
        }

        return LeastSquares::line($points);
    }
}
