<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Square;

use JackRest\Core\Truing\Lean;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Form\Reading;
use JackRest\Desk\Reference\TestOfOne;

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

    /**
     * What it says of this square; null: it is not read.
     *
     * @param  bool  $atTip  where the gap shows
     */
    public function ofOne(string $against, bool $atTip): ?TestOfOne
    {
        return $this->errorMm === null || $this->verdict === null
            ? null
            : new TestOfOne(
                'outer',
                ['against' => $against, 'gap' => $this->gap->typed, 'at' => $atTip ? 'tip' : 'heel'],
                ['lean' => $this->lean()?->value],
                $this->errorMm,
                $this->uncertaintyMm,
                $this->verdict,
                $this->lean()?->label(),
            );
    }

    public function lean(): ?Lean
    {
        return $this->errorMm === null ? null : Lean::of($this->errorMm, $this->uncertaintyMm);
    }
}
