<?php

declare(strict_types=1);

namespace JackRest\Core\Rack;

/** Strokes one edge really took on one stone, beside what the model says a stone of factor 1 would need. */
final readonly class StrokesCounted
{
    /**
     * @param  float  $modelStrokes  depth to remove ÷ depth per stroke at factor 1, not rounded
     * @param  int  $counted  1 or more
     */
    public function __construct(public float $modelStrokes, public int $counted)
    {
    }
}
