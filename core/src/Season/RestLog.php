<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

/**
 * What a log's air asks of wood: the moisture at which it would come to rest, from each entry until the next.
 *
 * A log may be thinned to means of a quarter of a day: wood answers slowly and in proportion, so its course hardly
 * changes by that, and years of hours are read in no time. Days are counted since 1970.
 */
final readonly class RestLog
{
    /** Silence longer than this is told as a gap; from memory. */
    public const GAP_DAYS = 1.0;

    /** Entries to a day in a thinned log. */
    private const PER_DAY = 4;

    /** @var list<float> ascending, none twice */
    public array $days;

    /** @var list<float> per cent */
    public array $rests;

    /**
     * @param  list<array{float, float}>  $rows  day and rest, in any order; of two at the same time the first counts
     */
    public function __construct(array $rows)
    {
        $rows = InOrder::of($rows);
        $this->days = array_column($rows, 0);
        $this->rests = array_column($rows, 1);
    }

    /**
     * @return list<array{float, float}> day and mean rest of each quarter of a day that has an entry, from its first
     * one on
     */
    public function thinned(): array
    {
        $quarters = [];
        foreach ($this->days as $index => $day) {
            $quarters[(int) floor($day * self::PER_DAY)][] = $index;
        }

        return array_values(
            array_map(
                fn (array $at): array => [
                    $this->days[$at[0]],
                    array_sum(array_map(fn (int $index): float => $this->rests[$index], $at)) / count($at),
                ],
                $quarters,
            ),
        );
    }

    public function isEmpty(): bool
    {
        return $this->days === [];
    }

    public function firstDay(): float
    {
        return $this->days[0] ?? 0.0;
    }

    public function lastDay(): float
    {
        return $this->days[count($this->days) - 1] ?? 0.0;
    }

    public function lastRest(): float
    {
        return $this->rests[count($this->rests) - 1] ?? 0.0;
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

    /** How a piece of this thickness followed the air. */
    public function wood(float $thicknessMm): PieceInShed
    {
        return new PieceInShed($this, $thicknessMm);
    }

    /** Mean of the rests over the days from one to another, each weighing as long as it held. */
    public function mean(float $from, float $until): ?float
    {
        $sum = $time = 0.0;
        foreach ($this->days as $index => $day) {
            if ($day >= $until) {
                break;
            }
            $held = min($until, $this->days[$index + 1] ?? $day + self::GAP_DAYS / 24) - max($from, $day);
            if ($held > 0) {
                $sum += $held * $this->rests[$index];
                $time += $held;
            }
        }

        return $time > 0 ? $sum / $time : null;
    }
}
