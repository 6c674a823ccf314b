<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Abrasive\Medium;

/** A stone, paper, film, plate, strop, wheel or file of the user's rack. */
final readonly class HoningStone
{
    /**
     * @param  float  $cutFactor  how fast it cuts, in times the model
     * @param  float  $changeSeconds  to fetch it and make it ready
     */
    public function __construct(
        public string $id,
        public string $name,
        public GritScale $scale,
        public string $designation,
        public float $cutFactor,
        public float $changeSeconds,
        public Medium $medium = Medium::Waterstone,
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

    /** The same stone at another speed. */
    public function cutting(float $factor): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->scale,
            $this->designation,
            $factor,
            $this->changeSeconds,
            $this->medium,
        );
    }

    /** The same stone with so much more to do before it is ready. */
    public function slower(float $seconds): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->scale,
            $this->designation,
            $this->cutFactor,
            $this->changeSeconds + $seconds,
            $this->medium,
        );
    }
}
