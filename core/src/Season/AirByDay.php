<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

/** The air of a shop day by day: what is left of a log's hours for those who look at seasons and years. */
final readonly class AirByDay
{
    /** @param  list<DayOfAir>  $days  ascending, none twice */
    private function __construct(public array $days)
    {
    }

    /**
     * Logs taken together; a day that several of them know is one, each reading weighing the same.
     *
     * @param  list<DayOfAir>  $days  in any order
     */
    public static function of(array $days): self
    {
        $by = [];
        foreach ($days as $day) {
            $known = $by[$day->day] ?? null;
            $by[$day->day] = $known === null ? $day : DayOfAir::together([$known, $day]);
        }
        ksort($by);

        return new self(array_values($by));
    }

    public function readings(): int
    {
        return array_sum(array_map(static fn (DayOfAir $day): int => $day->readings, $this->days));
    }

    public function last(): ?DayOfAir
    {
        return $this->days[count($this->days) - 1] ?? null;
    }

    /** Mean humidity of the readings from a day on, per cent; null: too few days of them. */
    public function meanHumidity(int $from, float $leastDays): ?float
    {
        $lately = array_values(array_filter($this->days, static fn (DayOfAir $day): bool => $day->day >= $from));
        if ($lately === [] || $lately[count($lately) - 1]->day - $lately[0]->day < $leastDays) {
            return null;
        }

        return DayOfAir::together($lately)->rhPct;
    }

    /**
     * So many points at most, for a drawing: of a long log each stands for several days on end, with the widest swing
     * of any.
     *
     * @param  int  $most  1 or more
     * @return list<DayOfAir>
     */
    public function drawn(int $most): array
    {
        $days = count($this->days) === 0 ? 0 : $this->days[count($this->days) - 1]->day - $this->days[0]->day + 1;
        $each = max(1, (int) ceil($days / $most));
        $spans = [];
        foreach ($this->days as $day) {
            $spans[intdiv($day->day - $this->days[0]->day, $each)][] = $day;
        }

        return array_values(array_map(DayOfAir::together(...), $spans));
    }
}
