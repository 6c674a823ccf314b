<?php

declare(strict_types=1);

namespace JackRest\Core\Day;

use JackRest\Core\Edge\HoningStep;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Edge\StepKind;
use JackRest\Core\Edge\StepSign;
use JackRest\Core\Edge\StrokeModel;

/**
 * Several edges taken together, stone by stone, so that each stone is fetched, wetted and flattened once.
 *
 * Stones and order are chosen together ({@see StonesAndOrder}). Stroke times are the honing plan's, handling is from
 * memory.
 */
final readonly class SharpeningDay
{
    /**
     * @param  list<Round>  $rounds
     * @param  float  $mayBeOver  what no choice of stones and no order can save on it, seconds; 0: proven
     */
    private function __construct(
        public array $rounds,
        public float $totalSeconds,
        public float $oneByOneSeconds,
        public float $mayBeOver,
    ) {
    }

    /**
     * @param  non-empty-list<DayEdge>  $edges
     * @param  array<string, HoningStone>  $stones  by id
     */
    public static function of(array $edges, array $stones, Handling $handling): self
    {
        $tables = array_map(static fn (DayEdge $edge): StrokeTable => new StrokeTable($edge, $handling), $edges);
        $settings = self::settings($edges);
        [$before, $after] = [self::visits($edges, 'before'), self::visits($edges, 'after')];
        $chosen = new StonesAndOrder($tables, $settings, $handling, self::numbers($before), self::numbers($after));
        $visits = [...$before, ...self::onStones($edges, $tables, $chosen->ways(), $stones), ...$after];
        [$order, $handlingSeconds] = (new RoundOrder(self::numbers($visits), $settings, $handling))->best();
        $rounds = [];
        foreach ($order as $round => $numbers) {
            $ordered = array_map(static fn (int $edge): Visit => $visits[$round][$edge], $numbers);
            $rounds[] = new Round($ordered[0]->step->stone, $ordered);
        }
        $seconds = array_sum(array_map(static fn (Round $round): float => $round->seconds(), $rounds));

        return new self(
            $rounds,
            $seconds + $handlingSeconds,
            self::oneByOne($edges, $handling),
            $chosen->isProven() ? 0.0 : $chosen->mayBeOver(),
        );
    }

    public function isProven(): bool
    {
        return $this->mayBeOver === 0.0;
    }

    public function savesSeconds(): float
    {
        return $this->oneByOneSeconds - $this->totalSeconds;
    }

    /** @return list<Wait> after which stone who waits for which */
    public function waits(): array
    {
        $waits = [];
        foreach ($this->rounds as $index => $round) {
            $waiting = [];
            foreach ($round->visits as $visit) {
                $next = $this->nextStone($visit->edge, $index);
                if ($next !== null) {
                    $waiting[$next][] = $visit->edge->name;
                }
            }
            foreach ($waiting as $stone => $names) {
                $waits[] = new Wait($round->stone->name, $names, $stone);
            }
        }

        return $waits;
    }

    private function nextStone(DayEdge $edge, int $after): ?string
    {
        foreach (array_slice($this->rounds, $after + 1) as $round) {
            foreach ($round->visits as $visit) {
                if ($visit->edge->id === $edge->id) {
                    return $round->stone->name;
                }
            }
        }

        return null;
    }

    /**
     * @param  non-empty-list<DayEdge>  $edges
     * @return list<int> the setting of each, numbered in their order
     */
    private static function settings(array $edges): array
    {
        $names = array_unique(array_map(static fn (DayEdge $edge): string => $edge->setting, $edges));
        sort($names);
        $numbers = array_flip($names);

        return array_values(array_map(static fn (DayEdge $edge): int => $numbers[$edge->setting], $edges));
    }

    /**
     * @param  non-empty-list<DayEdge>  $edges
     * @param  'before'|'after'  $when
     * @return list<non-empty-array<int, Visit>> by wheel or strop, and by edge
     */
    private static function visits(array $edges, string $when): array
    {
        $visits = [];
        foreach ($edges as $number => $edge) {
            foreach ($edge->{$when} as $step) {
                $visits[$step->stone->id][$number] = new Visit($edge, self::withoutChange($step));
            }
        }

        return array_values($visits);
    }

    /**
     * @param  non-empty-list<DayEdge>  $edges
     * @param  non-empty-list<StrokeTable>  $tables
     * @param  list<list<int>>  $ways
     * @param  array<string, HoningStone>  $stones
     * @return list<non-empty-array<int, Visit>> by stone, coarse to fine, and by edge
     */
    private static function onStones(array $edges, array $tables, array $ways, array $stones): array
    {
        $visits = [];
        foreach ($ways as $number => $way) {
            foreach ($tables[$number]->steps($way) as $place => $step) {
                $visits[$way[$place]][$number] = new Visit(
                    $edges[$number],
                    self::step($step, $stones[$step->id], $place, count($way), $edges[$number]),
                );
            }
        }
        ksort($visits);

        return array_values($visits);
    }

    /**
     * @param  list<non-empty-array<int, Visit>>  $visits
     * @return list<non-empty-list<int>> the edges' numbers
     */
    private static function numbers(array $visits): array
    {
        return array_map(static fn (array $round): array => array_keys($round), $visits);
    }

    /** @param  non-empty-list<DayEdge>  $edges */
    private static function oneByOne(array $edges, Handling $handling): float
    {
        $settings = count(array_unique(array_map(static fn (DayEdge $edge): string => $edge->setting, $edges)));

        return array_sum(
            array_map(static fn (DayEdge $edge): float => $edge->aloneSeconds + $handling->takeUpSeconds, $edges),
        ) +
            ($settings - 1) * $handling->resetSeconds;
    }

    private static function step(
        HoningStep $step,
        HoningStone $stone,
        int $place,
        int $stones,
        DayEdge $edge,
    ): SharpeningStep {
        $usual = (new StrokeModel($edge->job))->depthPerStrokeUm($stone->cutting(1.0)->asAbrasive());

        return new SharpeningStep(
            $stone,
            $step->removeUm,
            $step->strokes,
            $step->seconds,
            StepSign::ofStone($place, $stones),
            StepKind::Hone,
            $step->removeUm / $usual,
        );
    }

    private static function withoutChange(SharpeningStep $step): SharpeningStep
    {
        return new SharpeningStep(
            $step->stone,
            $step->removeUm,
            $step->strokes,
            $step->seconds - $step->stone->changeSeconds,
            $step->sign,
            $step->kind,
            $step->modelStrokes,
            $step->shaping,
        );
    }
}
