<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Abrasive\GritScale;

/** A stone of the user's rack. */
final readonly class Stone
{
    public function __construct(
        public string $id,
        public string $name,
        public GritScale $scale,
        public string $designation,
        public float $cutFactor,
        public float $changeSeconds,
    ) {
    }

    public function particleUm(): float
    {
        return $this->scale->particleUm($this->designation);
    }

    public function asAbrasive(): Abrasive
    {
        return new Abrasive($this->id, $this->particleUm(), $this->cutFactor, $this->changeSeconds);
    }
}
