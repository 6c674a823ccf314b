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
 * First which stones ({@see StoneChoice}), then in which order ({@see RoundOrder}); each is exact by itself. Stroke
 * times are the honing plan's, handling is from memory.
 */
final readonly class SharpeningDay
{
    /** @param  list<Round>  $rounds */
    private function __construct(
        public array $rounds,
        public float $totalSeconds,
        public float $oneByOneSeconds,
        public bool $isProven,
    ) {
    }

    /**
     * @param  non-empty-list<DayEdge>  $edges
     * @param  array<string, HoningStone>  $stones  by id
     */
    public static function of(array $edges, array $stones, Handling $handling): self
    {
        $tables = array_map(static fn (DayEdge $edge): StrokeTable => new StrokeTable($edge, $handling), $edges);
        $choice = new StoneChoice($tables);
        [$rounds, $handlingSeconds] = (new RoundOrder(
            self::rounds($edges, $tables, $choice->ways(), $stones),
            $handling,
        ))->best();
        $seconds = array_sum(array_map(static fn (Round $round): float => $round->seconds(), $rounds));

        return new self($rounds, $seconds + $handlingSeconds, self::oneByOne($edges, $handling), $choice->isProven());
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
     * @param  non-empty-list<StrokeTable>  $tables
     * @param  list<list<int>>  $ways
     * @param  array<string, HoningStone>  $stones
     * @return list<Round> wheel, stones coarse to fine, strop
     */
    private static function rounds(array $edges, array $tables, array $ways, array $stones): array
    {
        $before = [];
        $honing = [];
        $after = [];
        foreach ($edges as $number => $edge) {
            foreach ($edge->before as $step) {
                $before[$step->stone->id][] = new Visit($edge, self::withoutChange($step));
            }
            foreach ($tables[$number]->steps($ways[$number]) as $place => $step) {
                $honing[$ways[$number][$place]][] = new Visit(
                    $edge,
                    self::step($step, $stones[$step->id], $place, count($ways[$number]), $edge),
                );
            }
            foreach ($edge->after as $step) {
                $after[$step->stone->id][] = new Visit($edge, self::withoutChange($step));
            }
        }
        ksort($honing);

        return array_map(static fn (array $visits): Round => new Round($visits[0]->step->stone, $visits), [
            ...array_values($before),
            ...array_values($honing),
            ...array_values($after),
        ]);
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
