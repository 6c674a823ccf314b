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
     */
    public function __construct(
        public HoningStone $stone,
        public float $removeUm,
        public int $strokes,
        public float $seconds,
        public string $see,
        public StepKind $kind = StepKind::Hone,
        public float $modelStrokes = 0.0,
    ) {
    }

    /** What to see and feel before leaving a stone; common practice. */
    public static function see(int $index, int $stones): string
    {
        return match (true) {
            $stones === 1 => 'One even polish up to the edge; turn the burr off on the back.',
            $index === 0 => 'A burr along the whole edge, and the scratches of this stone reaching it everywhere.',
            $index === $stones - 1 => 'No scratch of the last stone left; the burr comes off on the back.',
            default => 'Finer scratches than before up to the edge; the burr is still whole, and smaller.',
        };
    }
}
