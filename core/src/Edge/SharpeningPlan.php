<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Calculation\InvalidInput;

/** Stones out of those owned, in order, what shows that each is done, and why the others stay in the rack. */
final readonly class SharpeningPlan
{
    /** A secondary bevel wider than this goes back to the grinder; common practice. */
    public const WIDEST_MICRO_BEVEL_MM = 2.0;

    /** Less than that is not worth another stone; from memory. */
    private const WORTH_SAVING_SECONDS = 300.0;

    /** About ten strokes a side; common practice. */
    public const STROP_STROKES = 20;

    /**
     * @param  non-empty-list<SharpeningStep>  $steps
     * @param  float|null  $shortOfUm  how fine it should have been; null: it is
     * @param  array<string, HoningStone>  $byId  the stones of this school
     */
    private function __construct(
        public EdgeStateResult $state,
        public array $steps,
        public float $totalSeconds,
        public float $recessionMm,
        public ?float $shortOfUm,
        private bool $isMicro,
        private HoningPath $path,
        private HoningPlanInput $job,
        private array $byId,
    ) {
    }

    /**
     * @param  list<HoningStone>  $rack
     *
     * @throws InvalidInput when no stone of this school is at hand
     */
    public static function for(SharpeningTask $task, array $rack): self
    {
        return self::over($task, $rack, false);
    }

    /**
     * Only as the school asks: as fine, in its own sequence.
     *
     * @param  list<HoningStone>  $rack
     *
     * @throws InvalidInput when no stone of this school is at hand, none is fine enough, or there is no such sequence
     */
    public static function strictly(SharpeningTask $task, array $rack): self
    {
        return self::over($task, $rack, true);
    }

    /** @param  list<HoningStone>  $rack */
    private static function over(SharpeningTask $task, array $rack, bool $strictly): self
    {
        $stones = $task->school->honesOn($rack);
        if ($stones === []) {
            throw InvalidInput::because(
                'abrasives',
                $task->school->media === null
                    ? 'there is no stone in your rack yet'
                    : 'there is no '.
                        implode(
                            ' or ',
                            array_map(static fn (Medium $medium): string => $medium->label(), $task->school->media),
                        ).
                        ' in the rack',
            );
        }
        $state = self::state($task);
        $job = new HoningPlanInput(
            $state->contactWidthMm,
            $state->contactLengthMm,
            $state->removeUm,
            $strictly ? $task->finishUm() : max($task->finishUm(), self::finestUm($stones)),
            array_map(static fn (HoningStone $stone): Abrasive => $stone->asAbrasive(), $stones),
        );
        $path =
            $task->school->path->over($job) ??
            ($strictly ? null : GritPath::LeastTime->over($job)) ??
            throw InvalidInput::because('abrasives', 'the rack has no such sequence of stones');
        $byId = array_column($stones, null, 'id');
        $steps = [
            ...self::shaping($task, $stones, $rack),
            ...self::honing($path, $job, $byId),
            ...self::strop($task, $rack),
        ];
        $seconds = array_sum(array_map(static fn (SharpeningStep $step): float => $step->seconds, $steps));
        assert($steps !== []);

        return new self(
            $state,
            $steps,
            $seconds,
            $state->recessionMm + ($task->shaping->recessionMm ?? 0.0),
            $job->finishUm > $task->finishUm() ? $task->finishUm() : null,
            $task->edge->condition !== EdgeCondition::Back && $task->edge->secondaryDeg > $task->edge->primaryDeg,
            $path,
            $job,
            $byId,
        );
    }

    /** A hollow bevel touches the stone on its two lands only; every other one as `edge-state` says. */
    private static function state(SharpeningTask $task): EdgeStateResult
    {
        $state = (new EdgeStateCalculation())($task->edge);
        $blade = $task->blade;
        if (
            $blade->wheelMm === null ||
            $blade->secondaryDeg > $blade->primaryDeg ||
            $task->edge->condition === EdgeCondition::Back
        ) {
            return $state;
        }
        $honed =
            ($task->edge->condition === EdgeCondition::FreshGrind ? 0.0 : $blade->honedMm) + $state->removeUm / 1000;
        $land = (new HollowGrind())(
            new HollowGrindInput($blade->thicknessMm, $blade->primaryDeg, $blade->wheelMm, honedDepthMm: $honed),
        )->landMm;

        return new EdgeStateResult($state->recessionMm, $state->removeUm, $state->contactWidthMm, 2 * $land);
    }

    /** Width of the secondary bevel when it is done, mm; 0 on one single bevel. */
    public function microWidthAfterMm(Blade $blade): float
    {
        return $blade->secondaryDeg > $blade->primaryDeg ? $this->state->contactLengthMm : 0.0;
    }

    /**
     * @param  non-empty-list<HoningStone>  $stones
     * @param  list<HoningStone>  $rack
     * @return list<SharpeningStep>
     */
    private static function shaping(SharpeningTask $task, array $stones, array $rack): array
    {
        $shaping = $task->shaping;
        if ($shaping === null) {
            return [];
        }
        foreach ($rack as $stone) {
            if ($stone->medium === Medium::Wheel) {
                return [
                    new SharpeningStep(
                        $stone,
                        0.0,
                        0,
                        $shaping->secondsOnWheel() + $stone->changeSeconds,
                        StepSign::GroundOnWheel,
                        StepKind::Grind,
                        shaping: $shaping,
                    ),
                ];
            }
        }
        usort($stones, static fn (HoningStone $a, HoningStone $b): int => $b->particleUm() <=> $a->particleUm());
        $strokes = $shaping->strokesOn($stones[0], $task->blade);

        return [
            new SharpeningStep(
                $stones[0],
                0.0,
                $strokes,
                $strokes + $stones[0]->changeSeconds,
                StepSign::GroundOnStone,
                StepKind::Grind,
                shaping: $shaping,
            ),
        ];
    }

    /**
     * @param  array<string, HoningStone>  $byId
     * @return list<SharpeningStep>
     */
    private static function honing(HoningPath $path, HoningPlanInput $job, array $byId): array
    {
        $model = new StrokeModel($job);
        $steps = [];
        foreach ($path->path as $index => $step) {
            $stone = $byId[$step->id];
            $depth = $model->depthPerStrokeUm($stone->cutting(1.0)->asAbrasive());
            $steps[] = new SharpeningStep(
                $stone,
                $step->removeUm,
                $step->strokes,
                $step->seconds,
                StepSign::ofStone($index, count($path->path)),
                StepKind::Hone,
                $step->removeUm / $depth,
            );
        }

        return $steps;
    }

    /**
     * @param  list<HoningStone>  $rack
     * @return list<SharpeningStep>
     */
    private static function strop(SharpeningTask $task, array $rack): array
    {
        if (! $task->school->strops || $task->edge->condition === EdgeCondition::Back) {
            return [];
        }
        foreach ($rack as $stone) {
            if ($stone->medium === Medium::Strop) {
                return [
                    new SharpeningStep(
                        $stone,
                        0.0,
                        self::STROP_STROKES,
                        self::STROP_STROKES + $stone->changeSeconds,
                        StepSign::Stropped,
                        StepKind::Strop,
                    ),
                ];
            }
        }

        return [];
    }

    /** How fine it gets on these stones, µm. */
    public function finishUm(): float
    {
        return $this->job->finishUm;
    }

    /** The stone that it ends on. */
    public function last(): HoningStone
    {
        return $this->byId[$this->path->path[count($this->path->path) - 1]->id];
    }

    /**
     * How long the honing alone would take with a stone so coarse beside these; null: it would save nothing worth
     * having.
     */
    public function secondsWith(float $particleUm): ?float
    {
        $coarse = new Abrasive('coarser', $particleUm, 1.0, $this->byId[$this->path->path[0]->id]->changeSeconds);
        $with = GritPath::LeastTime->over($this->job->with($coarse));

        return $with === null || $this->path->totalSeconds - $with->totalSeconds < self::WORTH_SAVING_SECONDS
            ? null
            : $with->totalSeconds;
    }

    public function honingSeconds(): float
    {
        return $this->path->totalSeconds;
    }

    /** @param  non-empty-list<HoningStone>  $stones */
    private static function finestUm(array $stones): float
    {
        return min(array_map(static fn (HoningStone $stone): float => $stone->particleUm(), $stones));
    }

    /** @return list<StopEarly> where one could stop sooner */
    public function earlier(): array
    {
        return StopEarly::of($this->job, $this->path->totalSeconds, $this->byId);
    }

    /** @return list<LeftStone> */
    public function left(): array
    {
        $used = array_map(static fn (HoningStep $step): string => $step->id, $this->path->path);
        $through = new HoningDetour(new HoningTimes($this->job));
        $left = [];
        foreach ($this->job->abrasives as $abrasive) {
            if (! in_array($abrasive->id, $used, true)) {
                $seconds = $through->secondsThrough($abrasive);
                $left[] = new LeftStone(
                    $this->byId[$abrasive->id],
                    $this->whyLeft($this->byId[$abrasive->id], $seconds, $this->byId[$used[0]]),
                    max(0.0, ($seconds ?? $this->path->totalSeconds) - $this->path->totalSeconds),
                );
            }
        }

        return $left;
    }

    /** Whether it leaves a secondary bevel so wide that grinding the bevel back first is quicker. */
    public function isWide(): bool
    {
        return $this->isMicro && $this->state->contactLengthMm > self::WIDEST_MICRO_BEVEL_MM;
    }

    /** @param  float|null  $seconds  through it; null: there is no such sequence */
    private function whyLeft(HoningStone $stone, ?float $seconds, HoningStone $first): LeftReason
    {
        return match (true) {
            $seconds === null => LeftReason::NoSequence,
            $stone->particleUm() > $first->particleUm() => LeftReason::TooCoarse,
            $stone->particleUm() < $this->job->finishUm => LeftReason::TooFine,
            default => LeftReason::Slower,
        };
    }
}
