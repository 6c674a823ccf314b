<?php

declare(strict_types=1);

namespace JackRest\Core\ShadowBoard;

/** Where each tool hangs, and what does not. */
final readonly class Arrangement
{
    /**
     * @param  list<Hung>  $hung
     * @param  list<LeftOut>  $left
     * @param  float  $usedMm  how far down the panel it reaches
     * @param  float  $neededMm  the height of a panel of this width on which all would hang that are not larger than it
     */
    public function __construct(
        public array $hung,
        public array $left,
        public Order $order,
        public float $usedMm,
        public float $neededMm,
    ) {
    }
}
