<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** One stone of a plan: what to do there, and what it should show before the next. */
final readonly class SharpeningStep
{
    /**
     * @param  float  $removeUm  depth to take off square to the face; 0 on wheel and strop
     * @param  int  $strokes  0 where none are counted, on a wheel
     * @param  float  $modelStrokes  what a stone of factor 1 would need, not rounded
     * @param  Shaping|null  $shaping  what is ground; null: nothing
     */
    public function __construct(
        public HoningStone $stone,
        public float $removeUm,
        public int $strokes,
        public float $seconds,
        public StepSign $sign,
        public StepKind $kind = StepKind::Hone,
        public float $modelStrokes = 0.0,
        public ?Shaping $shaping = null,
    ) {
    }
}
