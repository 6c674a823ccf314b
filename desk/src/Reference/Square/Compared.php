<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Square;

use JackRest\Core\Truing\Lean;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Form\Reading;

/** One square beside a known one. */
final readonly class Compared
{
    /** @param  float|null  $errorMm  null: not read yet */
    public function __construct(
        public string $name,
        public Reading $gap,
        public ?float $errorMm,
        public float $uncertaintyMm,
        public ?Verdict $verdict,
    ) {
    }

    public function lean(): ?Lean
    {
        return $this->errorMm === null ? null : Lean::of($this->errorMm, $this->uncertaintyMm);
    }
}
