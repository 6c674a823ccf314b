<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Calculation\InvalidInput;

/** Stones out of those owned, in order, with what each should show and why the others stay in the rack. */
final readonly class SharpeningPlan
{
    /** The usual cautions; common practice. */
    public const CAUTION = 'Keep both hands behind the edge. Feel for the burr by sliding a finger off the edge, '
        .'never toward it or along it. Local rules and trained teaching come first.';

    public const GRINDING_CAUTION = 'Grinding: eye protection, rest close to a sound and guarded wheel, no gloves, '
        .'no loose sleeves; cool the steel before it colours. Maker’s instructions, local rules and trained teaching '
        .'come first.';

    /** A secondary bevel wider than this goes back to the grinder; common practice. */
    public const WIDEST_MICRO_BEVEL_MM = 2.0;

    /** About ten strokes a side; common practice. */
    public const STROP_STROKES = 20;

    /**
     * @param  non-empty-list<SharpeningStep>  $steps
     * @param  array<string, HoningStone>  $byId  the stones of this school
     */
    private function __construct(
        public EdgeStateResult $state,
        public array $steps,
        public float $totalSeconds,
        public ?string $warning,
        public float $recessionMm,
        private HoningPath $path,
        private HoningPlanInput $job,
        private array $byId,
    ) {
    }

    /**
     * @param  list<HoningStone>  $rack
     *
     * @throws InvalidInput when no stone of this school is at hand, or none is fine enough
     */
    public static function for(SharpeningTask $task, array $rack): self
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
            $task->finishUm(),
            array_map(static fn (HoningStone $stone): Abrasive => $stone->asAbrasive(), $stones),
        );
        $path =
            $task->school->path->over($job) ??
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
            self::warning($state, $task),
            $state->recessionMm + ($task->shaping->recessionMm ?? 0.0),
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
                        ucfirst($shaping->what).
                            '. Cool it often, and leave a hair of the old edge: the wheel never touches the very edge.',
                        StepKind::Grind,
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
                ucfirst($shaping->what).', the whole bevel on the stone. A wheel would be quicker.',
                StepKind::Grind,
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
                SharpeningStep::see($index, count($path->path)),
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
                        'Ten strokes a side, pulled away from the edge; the last of the burr is gone.',
                        StepKind::Strop,
                    ),
                ];
            }
        }

        return [];
    }

    /** @return list<StopEarly> where one could stop sooner */
    public function earlier(): array
    {
        return StopEarly::of($this->job, $this->path->totalSeconds, $this->byId);
    }

    /** @return list<string> one sentence for each stone left out */
    public function skipped(): array
    {
        [$path, $job, $byId] = [$this->path, $this->job, $this->byId];
        $used = array_map(static fn (HoningStep $step): string => $step->id, $path->path);
        $through = new HoningDetour($job);
        $says = [];
        foreach ($job->abrasives as $abrasive) {
            if (! in_array($abrasive->id, $used, true)) {
                $seconds = $through->secondsThrough($abrasive);
                $says[] = self::whySkipped(
                    $byId[$abrasive->id],
                    $seconds === null ? null : $seconds - $path->totalSeconds,
                    $byId[$used[0]],
                    $job->finishUm,
                );
            }
        }

        return $says;
    }

    private static function whySkipped(
        HoningStone $stone,
        ?float $extraSeconds,
        HoningStone $first,
        float $finishUm,
    ): string {
        $seconds = max(0.0, round($extraSeconds ?? 0.0));

        return match (true) {
            $extraSeconds === null => "The {$stone->name} stays in the rack: no sequence through it ends fine enough.",
            $stone->particleUm() > $first->particleUm() => "The {$stone->name} stays in the rack: too little is to "
                ."come off to start so coarse (+ $seconds s).",
            $stone->particleUm() < $finishUm => "The {$stone->name} stays in the rack: finer than this edge needs (+ "
                ."$seconds s).",
            default => "The {$stone->name} stays in the rack: over so small a face the next stone takes the "
                ."scratches out sooner (+ $seconds s).",
        };
    }

    private static function warning(EdgeStateResult $state, SharpeningTask $task): ?string
    {
        $width = round($state->contactLengthMm, 1);
        $isMicro =
            $task->edge->condition !== EdgeCondition::Back && $task->edge->secondaryDeg > $task->edge->primaryDeg;

        return $isMicro && $state->contactLengthMm > self::WIDEST_MICRO_BEVEL_MM
            ? "This leaves a secondary bevel of $width mm. Past 2 mm it is quicker to grind the bevel back first."
            : null;
    }
}
