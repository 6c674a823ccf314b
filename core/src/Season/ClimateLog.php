<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

use JackRest\Core\Timber\ClimateDay;
use JackRest\Core\Timber\EquilibriumMoisture;

/** The air of a shop as it was logged. Days are counted since 1970. */
final readonly class ClimateLog
{
    /** @var list<array{float, float, float}> day, °C, per cent; ascending, no time twice */
    public array $rows;

    public RestLog $rest;

    /**
     * @param  list<array{float, float, float}>  $rows  day, °C, per cent, in any order; of two at the same time the
     * first counts
     */
    public function __construct(array $rows)
    {
        $this->rows = InOrder::of($rows);
        $this->rest = new RestLog(
            array_map(
                static fn (array $row): array => [$row[0], EquilibriumMoisture::pct($row[1], $row[2])],
                $this->rows,
            ),
        );
    }

    /** @param  list<ClimateDay>  $readings */
    public static function of(array $readings): self
    {
        return new self(
            array_map(static fn (ClimateDay $air): array => [$air->day, $air->tempC, $air->rhPct], $readings),
        );
    }

    /** @return list<DayOfAir> days without a reading are left out */
    public function daily(): array
    {
        $by = [];
        foreach ($this->rest->days as $index => $day) {
            $by[(int) floor($day)][] = $index;
        }
        $daily = [];
        foreach ($by as $day => $at) {
            $rows = array_map(fn (int $index): array => $this->rows[$index], $at);
            $humidity = array_column($rows, 2);
            $mean = static fn (array $values): float => array_sum($values) / count($values);
            $daily[] = new DayOfAir(
                $day,
                count($rows),
                $mean(array_column($rows, 1)),
                $mean($humidity),
                min($humidity),
                max($humidity),
                $mean(array_map(fn (int $index): float => $this->rest->rests[$index], $at)),
                $day,
            );
        }

        return $daily;
    }
}
