<?php

declare(strict_types=1);

namespace JackRest\Core\Rack;

use JackRest\Core\Edge\HoningStone;

/** A piece of the rack with what it has cost and done. */
final readonly class RackStone
{
    /**
     * @param  float|null  $price  in the user's currency; null: not known
     * @param  int|null  $lastsEdges  edges one piece hones; null: usual for its medium
     * @param  int  $edgesDone  edges honed on this piece
     * @param  int  $edgesSinceFlat  edges honed since it was last flattened
     * @param  OwnCut|null  $own  how it really cuts
     */
    public function __construct(
        public HoningStone $stone,
        public ?float $price = null,
        public ?int $lastsEdges = null,
        public int $edgesDone = 0,
        public int $edgesSinceFlat = 0,
        public ?OwnCut $own = null,
    ) {
    }

    public function lasts(): int
    {
        return $this->lastsEdges ?? $this->stone->medium->usualLifeEdges();
    }

    /** The stone as a plan takes it: with its own factor as soon as that is known well enough. */
    public function forPlan(): HoningStone
    {
        return $this->own?->isUsed() === true ? $this->stone->cutting($this->own->factor) : $this->stone;
    }
}
