<?php

declare(strict_types=1);

namespace JackRest\Core\Rack;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Abrasive\Medium;

/** A piece as it comes into the rack. */
final readonly class NewStone
{
    /** @param  int|null  $lastsEdges  null: usual for its medium */
    public function __construct(
        public string $name,
        public Medium $medium,
        public GritScale $scale,
        public string $designation,
        public ?float $price = null,
        public ?int $lastsEdges = null,
    ) {
    }
}
