<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

use JackRest\Core\Timber\ClimateDay;
use JackRest\Core\Timber\EquilibriumMoisture;

/** The air of a shop as it was logged, and what the wood in it makes of it. Days are counted since 1970. */
final readonly class ClimateLog
{
    /** Silence longer than this is told as a gap; from memory. */
    public const GAP_DAYS = 1.0;

    /** @var list<array{float, float, float}> day, °C, per cent; ascending, no time twice */
    public array $rows;

    /** @var list<float> */
    public array $days;

    /** @var list<float> moisture at which wood would come to rest, from each reading on, per cent */
    public array $rests;

    /** @param  list<array{float, float, float}>  $rows  day, °C, per cent, in any order; of two at the same time the first counts */
    public function __construct(array $rows)
    {
        $this->rows = self::inOrder($rows);
        $this->days = array_column($this->rows, 0);
        $this->rests = array_map(static fn (array $row): float => EquilibriumMoisture::pct($row[1], $row[2]), $this->rows);
    }

    /** @param  list<ClimateDay>  $readings */
    public static function of(array $readings): self
    {
        return new self(array_map(static fn (ClimateDay $air): array => [$air->day, $air->tempC, $air->rhPct], $readings));
    }

    /**
     * @param  list<array{float, float, float}>  $rows
     * @return list<array{float, float, float}>
     */
    private static function inOrder(array $rows): array
    {
        $last = -INF;
        foreach ($rows as $row) {
            if ($row[0] <= $last) {
                return self::sorted($rows);
            }
            $last = $row[0];
        }

        // A logger writes in order: thousands of lines need no sorting.
        return $rows;
    }

    /**
     * @param  list<array{float, float, float}>  $rows
     * @return list<array{float, float, float}>
     */
    private static function sorted(array $rows): array
    {
        usort($rows, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $kept = [];
        $last = -INF;
        foreach ($rows as $row) {
            if ($row[0] > $last) {
                $kept[] = $row;
                $last = $row[0];
            }
        }

        return $kept;
    }

    public function isEmpty(): bool
    {
        return $this->rows === [];
    }

    public function firstDay(): float
    {
        return $this->days[0] ?? 0.0;
    }

    public function lastDay(): float
    {
        return $this->days[count($this->days) - 1] ?? 0.0;
    }

    /** @return list<Gap> */
    public function gaps(float $longerThanDays = self::GAP_DAYS): array
    {
        $gaps = [];
        for ($index = 1; $index < count($this->days); $index++) {
            if ($longerThanDays < $this->days[$index] - $this->days[$index - 1]) {
                $gaps[] = new Gap($this->days[$index - 1], $this->days[$index]);
            }
        }

        return $gaps;
    }

    /** @return list<DayOfAir> days without a reading are left out */
    public function daily(): array
    {
        $by = [];
        foreach ($this->days as $index => $day) {
            $by[(int) floor($day)][] = $index;
        }
        $daily = [];
        foreach ($by as $day => $at) {
            $rows = array_map(fn (int $index): array => $this->rows[$index], $at);
            $humidity = array_column($rows, 2);
            $mean = static fn (array $values): float => array_sum($values) / count($values);
            $daily[] = new DayOfAir($day, $mean(array_column($rows, 1)), $mean($humidity), min($humidity), max($humidity), $mean(array_map(fn (int $index): float => $this->rests[$index], $at)));
        }

        return $daily;
    }

    /** How a piece of this thickness followed the air. */
    public function wood(float $thicknessMm): PieceInShed
    {
        return new PieceInShed($this, $thicknessMm);
    }

    /** Mean humidity of the readings from a day on, per cent; null: too few days of them. */
    public function meanHumidity(float $from, float $leastDays): ?float
    {
        $rows = array_values(array_filter($this->rows, static fn (array $row): bool => $row[0] >= $from));
        if ($rows === [] || $this->lastDay() - $rows[0][0] < $leastDays) {
            return null;
        }

        return array_sum(array_column($rows, 2)) / count($rows);
    }

    /** Mean of the rests over the days from one to another, each weighing as long as it held. */
    public function meanRest(float $from, float $until): ?float
    {
        $sum = $time = 0.0;
        foreach ($this->days as $index => $day) {
            $held = min($until, $this->days[$index + 1] ?? $day + self::GAP_DAYS / 24) - max($from, $day);
            if ($held > 0) {
                $sum += $held * $this->rests[$index];
                $time += $held;
            }
        }

        return $time > 0 ? $sum / $time : null;
    }
}
