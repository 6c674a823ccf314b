<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** An edge and what is wrong with it: what a plan is made for. */
final readonly class SharpeningTask
{
    public function __construct(
        public Blade $blade,
        public EdgeStateInput $edge,
        public SharpeningSchool $school = new SharpeningSchool,
        public ?Shaping $shaping = null,
        public ?float $stopUm = null,
    ) {
    }

    /** How fine this time: what the edge is for, or sooner where somebody stops early. */
    public function finishUm(): float
    {
        return max($this->stopUm ?? 0.0, $this->school->finishUm($this->blade->finishUm, $this->blade->duty));
    }
}
