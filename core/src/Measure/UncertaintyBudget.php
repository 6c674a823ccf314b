<?php

declare(strict_types=1);

namespace JackRest\Core\Measure;

/**
 * What the uncertainty of a result is made of, each contribution by name.
 *
 * A contribution is kept as its share of the squared expanded uncertainty, (k·u)² with k = 2, so that the whole is the
 * root of their sum and each can be looked at or left out again. Source: JCGM 100 (GUM), 5.1.2 and 6.2.1.
 */
final readonly class UncertaintyBudget
{
    /** @param  array<string, float>  $squaresMm2  (k·u)² by the contribution's name */
    public function __construct(public array $squaresMm2)
    {
    }

    /** Expanded uncertainty (k = 2), mm. */
    public function expandedMm(): float
    {
        return sqrt(array_sum($this->squaresMm2));
    }

    /** What one contribution alone would make of it (k = 2), mm; 0 where there is no such contribution. */
    public function partMm(string $name): float
    {
        return sqrt($this->squaresMm2[$name] ?? 0.0);
    }

    public function without(string $name): self
    {
        return new self(array_diff_key($this->squaresMm2, [$name => true]));
    }

    /**
     * Room that is left for one contribution when the whole is to be no more than this, mm²; below zero: there is none.
     */
    public function roomFor(string $name, float $expandedMm): float
    {
        return $expandedMm ** 2 - array_sum($this->without($name)->squaresMm2);
    }

    /** The contribution that is largest; null: there is none, or all are zero. */
    public function largest(): ?string
    {
        $most = $this->squaresMm2 === [] ? 0.0 : max($this->squaresMm2);

        return $most > 0.0 ? (string) array_search($most, $this->squaresMm2, true) : null;
    }
}
