<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** A stone that a plan leaves in the rack. */
final readonly class LeftStone
{
    /** @param  float  $extraSeconds  that going through it would take */
    public function __construct(public HoningStone $stone, public LeftReason $why, public float $extraSeconds)
    {
    }
}
