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

    /** @var list<ClimateDay> ascending, no time twice */
    public array $readings;

    /** @var list<float> */
    public array $days;

    /** @var list<float> moisture at which wood would come to rest, from each reading on, per cent */
    public array $rests;

    /** @param  list<ClimateDay>  $readings  in any order; of two at the same time the first counts */
    public function __construct(array $readings)
    {
        $kept = self::inOrder($readings);
        $this->readings = $kept;
        $this->days = array_map(static fn (ClimateDay $air): float => $air->day, $kept);
        $this->rests = array_map(static fn (ClimateDay $air): float => EquilibriumMoisture::pct($air->tempC, $air->rhPct), $kept);
    }

    /**
     * @param  list<ClimateDay>  $readings
     * @return list<ClimateDay>
     */
    private static function inOrder(array $readings): array
    {
        $last = -INF;
        foreach ($readings as $reading) {
            if ($reading->day <= $last) {
                return self::sorted($readings);
            }
            $last = $reading->day;
        }

        // A logger writes in order: thousands of lines need no sorting.
        return $readings;
    }

    /**
     * @param  list<ClimateDay>  $readings
     * @return list<ClimateDay>
     */
    private static function sorted(array $readings): array
    {
        usort($readings, static fn (ClimateDay $one, ClimateDay $other): int => $one->day <=> $other->day);
        $kept = [];
        $last = -INF;
        foreach ($readings as $reading) {
            if ($reading->day > $last) {
                $kept[] = $reading;
                $last = $reading->day;
            }
        }

        return $kept;
    }

    public function isEmpty(): bool
    {
        return $this->readings === [];
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
        foreach ($this->readings as $index => $air) {
            $by[(int) floor($air->day)][] = $index;
        }
        $daily = [];
        foreach ($by as $day => $at) {
            $mean = static fn (callable $of): float => array_sum(array_map($of, $at)) / count($at);
            $humidity = array_map(fn (int $index): float => $this->readings[$index]->rhPct, $at);
            $daily[] = new DayOfAir($day, $mean(fn (int $index): float => $this->readings[$index]->tempC), $mean(fn (int $index): float => $this->readings[$index]->rhPct), min($humidity), max($humidity), $mean(fn (int $index): float => $this->rests[$index]));
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
        $readings = array_values(array_filter($this->readings, static fn (ClimateDay $air): bool => $air->day >= $from));
        if ($readings === [] || $this->lastDay() - $readings[0]->day < $leastDays) {
            return null;
        }

        return array_sum(array_map(static fn (ClimateDay $air): float => $air->rhPct, $readings)) / count($readings);
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
