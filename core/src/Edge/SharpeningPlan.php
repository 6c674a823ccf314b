<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** Stones out of those owned, in order, with what each should show and why the others stay in the rack. */
final readonly class SharpeningPlan
{
    /** The usual caution; common practice. */
    public const CAUTION = 'Keep both hands behind the edge. Feel for the burr by sliding a finger off the edge, never toward it or along it. Local rules and trained teaching come first.';

    /** A secondary bevel wider than this goes back to the grinder; common practice. */
    private const WIDEST_MICRO_BEVEL_MM = 2.0;

    /**
     * @param  list<SharpeningStep>  $steps
     * @param  list<string>  $skipped  one sentence for each stone left out
     */
    private function __construct(
        public EdgeStateResult $state,
        public array $steps,
        public float $totalSeconds,
        public array $skipped,
        public ?string $warning,
    ) {
    }

    /** @param  non-empty-list<Stone>  $stones */
    public static function for(Blade $blade, EdgeStateInput $edge, array $stones): self
    {
        $state = (new EdgeStateCalculation)($edge);
        $plan = (new HoningPlan)(new HoningPlanInput(
            $state->contactWidthMm,
            $state->contactLengthMm,
            $state->removeUm,
            $blade->finishUm,
            array_map(static fn (Stone $stone): Abrasive => $stone->asAbrasive(), $stones),
        ));
        $byId = array_column($stones, null, 'id');
        $steps = [];
        foreach ($plan->path as $index => $step) {
            $steps[] = new SharpeningStep($byId[$step->id], $step->removeUm, $step->strokes, $step->seconds, self::see($index, count($plan->path)));
        }
        $skipped = array_map(static fn (SkippedStone $stone): string => self::whySkipped($byId[$stone->id], $stone->extraSeconds, $steps[0]->stone, $blade->finishUm), $plan->skipped);

        return new self($state, $steps, $plan->totalSeconds, $skipped, self::warning($state));
    }

    /** What to see and feel before leaving a stone; common practice. */
    private static function see(int $index, int $stones): string
    {
        return match (true) {
            $stones === 1 => 'One even polish up to the edge; turn the burr off on the back.',
            $index === 0 => 'A burr along the whole edge, and the scratches of this stone reaching it everywhere.',
            $index === $stones - 1 => 'No scratch of the last stone left; the burr comes off on the back.',
            default => 'Finer scratches than before up to the edge; the burr is still whole, and smaller.',
        };
    }

    private static function whySkipped(Stone $stone, ?float $extraSeconds, Stone $first, float $finishUm): string
    {
        $seconds = round($extraSeconds ?? 0.0);

        return match (true) {
            $extraSeconds === null => "The {$stone->name} stays in the rack: no sequence through it ends fine enough.",
            $stone->particleUm() > $first->particleUm() => "The {$stone->name} stays in the rack: too little is to come off to start so coarse (+ $seconds s).",
            $stone->particleUm() < $finishUm => "The {$stone->name} stays in the rack: finer than this edge needs (+ $seconds s).",
            default => "The {$stone->name} stays in the rack: over so small a face the next stone takes the scratches out sooner (+ $seconds s).",
        };
    }

    private static function warning(EdgeStateResult $state): ?string
    {
        $width = round($state->contactLengthMm, 1);

        return $state->contactLengthMm > self::WIDEST_MICRO_BEVEL_MM
            ? "This leaves a secondary bevel of $width mm. Past 2 mm it is quicker to grind the bevel back first."
            : null;
    }
}
