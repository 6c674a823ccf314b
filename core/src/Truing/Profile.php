<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Measure\LeastSquares;

/**
 * Heights of an edge over its stations: how straight it is, and what is to come off.
 *
 * Heights are mm, proud counted upward; stations mm, ascending, two at least. Both convex hulls are walked once
 * (monotone chain: Andrew, 1979).
 */
final readonly class Profile
{
    private const SAME = 1e-12;

    /**
     * @param  non-empty-list<float>  $stationsMm
     * @param  list<float>  $heightsMm  one for each station
     */
    public function __construct(public array $stationsMm, public array $heightsMm)
    {
    }

    /** Its own line of least squares taken off. */
    public function levelled(): self
    {
        return $this->less(
            LeastSquares::line(
                array_map(static fn (float $x, float $y): array => [$x, $y], $this->stationsMm, $this->heightsMm),
            )->at(...),
        );
    }

    /** The line through its two ends taken off. */
    public function throughEnds(): self
    {
        $last = count($this->stationsMm) - 1;
        [$from, $to] = [$this->stationsMm[0], $this->stationsMm[$last]];
        [$first, $slope] = [$this->heightsMm[0], ($this->heightsMm[$last] - $this->heightsMm[0]) / ($to - $from)];

        return $this->less(static fn (float $x): float => $first + $slope * ($x - $from));
    }

    /** Distance of the two parallel lines nearest to each other that hold all of it: the minimum zone (ISO 12780). */
    public function zoneMm(): float
    {
        $narrowest = INF;
        foreach ([true, false] as $below) {
            $hull = $this->hull($below);
            for ($corner = 0; $corner + 1 < count($hull); $corner++) {
                $line = $this->through($hull[$corner], $hull[$corner + 1]);
                $narrowest = min($narrowest, $this->furthest($line, $below));
            }
        }

        return max(0.0, $narrowest);
    }

    /**
     * What stands above the supporting line below it that takes the least in total.
     *
     * That line is the edge of the lower hull under the mean station. Where the mean falls on a corner of the hull
     * every line through that corner takes the same in total; then the one whose largest removal is least.
     *
     * @return list<float> one for each station, mm
     */
    public function removeMm(): array
    {
        $below = $this->support();

        return array_values(
            array_map(
                static fn (float $x, float $y): float => max(0.0, $y - $below($x)),
                $this->stationsMm,
                $this->heightsMm,
            ),
        );
    }

    /** @return callable(float): float */
    private function support(): callable
    {
        $hull = $this->hull(true);
        $mean = array_sum($this->stationsMm) / count($this->stationsMm);
        $span = $this->stationsMm[count($this->stationsMm) - 1] - $this->stationsMm[0];
        for ($corner = 1; $corner + 1 < count($hull); $corner++) {
            if (abs($this->stationsMm[$hull[$corner]] - $mean) <= 1e-9 * $span) {
                return $this->throughCorner($hull[$corner - 1], $hull[$corner], $hull[$corner + 1]);
            }
        }
        $under = 1;
        while ($under + 1 < count($hull) && $this->stationsMm[$hull[$under]] < $mean) {
            $under++;
        }

        return $this->through($hull[$under - 1], $hull[$under]);
    }

    /**
     * Of the lines through a corner, between its two hull edges, the one whose largest removal is least.
     *
     * The largest removal over the slope is convex and made of straight pieces: from the pieces that hold at both
     * ends their meeting point is tried until it lies on the curve itself.
     *
     * @return callable(float): float
     */
    private function throughCorner(int $before, int $corner, int $after): callable
    {
        [$x0, $y0] = [$this->stationsMm[$corner], $this->heightsMm[$corner]];
        $slopeTo = fn (int $station): float => ($this->heightsMm[$station] - $y0) / ($this->stationsMm[$station] - $x0);
        [$low, $high] = [$slopeTo($before), $slopeTo($after)];
        [$lowPiece, $highPiece] = [$this->steepest($corner, $low), $this->steepest($corner, $high)];
        $best = match (true) {
            $lowPiece[1] >= 0.0 => $low,
            $highPiece[1] <= 0.0 => $high,
            default => null,
        };
        while ($best === null) {
            $meet = ($highPiece[0] - $lowPiece[0]) / ($lowPiece[1] - $highPiece[1]);
            $piece = $this->steepest($corner, $meet);
            if (
                $piece[0] + $piece[1] * $meet <= $lowPiece[0] + $lowPiece[1] * $meet + self::SAME ||
                $piece[1] === 0.0 ||
                // Of very large heights a hair is more than what is the same: nothing new is found any more.
                $piece === $lowPiece ||
                $piece === $highPiece
            ) {
                $best = $meet;
            } elseif ($piece[1] < 0.0) {
                $lowPiece = $piece;
            } else {
                $highPiece = $piece;
            }
        }

        $slope = (float) $best;

        return static fn (float $x): float => $y0 + $slope * ($x - $x0);
    }

    /**
     * The piece of the largest removal that holds at a slope: its value at slope nought, and how it changes with it.
     *
     * @return array{float, float}
     */
    private function steepest(int $corner, float $slope): array
    {
        $best = [0.0, 0.0];
        $most = -INF;
        foreach ($this->stationsMm as $index => $x) {
            $piece = [$this->heightsMm[$index] - $this->heightsMm[$corner], $this->stationsMm[$corner] - $x];
            $value = $piece[0] + $piece[1] * $slope;
            if ($value > $most + self::SAME) {
                [$best, $most] = [$piece, $value];
            }
        }

        return $best;
    }

    /**
     * Indices of the corners of the hull below or above, left to right.
     *
     * @return non-empty-list<int>
     */
    private function hull(bool $below): array
    {
        $hull = [0];
        for ($index = 1; $index < count($this->stationsMm); $index++) {
            while (
                count($hull) > 1 &&
                $this->turns($hull[count($hull) - 2], $hull[count($hull) - 1], $index) * ($below ? 1 : -1) <= 0.0
            ) {
                array_pop($hull);
            }
            $hull[] = $index;
        }

        return $hull;
    }

    /** Positive where the way over three stations bends upward. */
    private function turns(int $a, int $b, int $c): float
    {
        return ($this->stationsMm[$b] - $this->stationsMm[$a]) * ($this->heightsMm[$c] - $this->heightsMm[$a]) -
            ($this->heightsMm[$b] - $this->heightsMm[$a]) * ($this->stationsMm[$c] - $this->stationsMm[$a]);
    }

    /** @return callable(float): float */
    private function through(int $from, int $to): callable
    {
        [$x, $y] = [$this->stationsMm[$from], $this->heightsMm[$from]];
        $slope = ($this->heightsMm[$to] - $y) / ($this->stationsMm[$to] - $x);

        return static fn (float $at): float => $y + $slope * ($at - $x);
    }

    /**
     * How far it stands over a line that lies below all of it, or hangs under one that lies above.
     *
     * @param  callable(float): float  $line
     */
    private function furthest(callable $line, bool $below): float
    {
        $most = 0.0;
        foreach ($this->stationsMm as $index => $x) {
            $over = $this->heightsMm[$index] - $line($x);
            $most = max($most, $below ? $over : -$over);
        }

        return $most;
    }

    /** @param  callable(float): float  $line */
    private function less(callable $line): self
    {
        return new self(
            $this->stationsMm,
            array_map(static fn (float $x, float $y): float => $y - $line($x), $this->stationsMm, $this->heightsMm),
        );
    }
}
