<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

/** A straightedge as it is on record. */
final readonly class StraightedgeRecord
{
    /**
     * @param  float  $lengthMm  of its true edge
     * @param  float|null  $heightMm  of the wood at its lowest place; null: not measured
     * @param  float|null  $leastMm  the height below which a new one is made; null: nobody said
     */
    public function __construct(public float $lengthMm, public ?float $heightMm = null, public ?float $leastMm = null)
    {
    }
}
