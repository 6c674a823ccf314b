<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** The least time of any path that goes over one given stone. */
final class HoningDetour
{
    /** @var array<string, float|null> by id; null: no path can hold it */
    private array $through = [];

    public function __construct(HoningTimes $times)
    {
        $until = $times->first;
        foreach ($times->after as $to => $after) {
            foreach ($after as $from => $seconds) {
                $until[$to] = min($until[$to], $until[$from] + $seconds);
            }
        }
        $onward = self::onward($times);
        foreach ($times->stones as $index => $stone) {
            $this->through[$stone->id] = is_finite($onward[$index]) ? $until[$index] + $onward[$index] : null;
        }
    }

    public function secondsThrough(Abrasive $stone): ?float
    {
        return $this->through[$stone->id];
    }

    /** @return list<float> least time from each stone to a finish; infinite where none is reached */
    private static function onward(HoningTimes $times): array
    {
        $onward = array_map(static fn (bool $isEnd): float => $isEnd ? 0.0 : INF, $times->isFineEnough);
        for ($to = count($times->stones) - 1; $to >= 0; $to--) {
            foreach ($times->after[$to] as $from => $seconds) {
                if (! $times->isFineEnough[$from]) {
                    $onward[$from] = min($onward[$from], $seconds + $onward[$to]);
                }
            }
        }

        return array_values($onward);
    }
}
