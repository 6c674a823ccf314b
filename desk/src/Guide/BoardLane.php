<?php

declare(strict_types=1);

namespace JackRest\Desk\Guide;

/** One stop of a projection board: which angle, how far out, for what. */
final readonly class BoardLane
{
    public function __construct(public float $angleDeg, public float $projectionMm, public string $for)
    {
    }
}
