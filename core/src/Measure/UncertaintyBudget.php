<?php

declare(strict_types=1);

namespace JackRest\Core\Measure;

/**
 * What the uncertainty of a result is made of, each contribution by name.
 *
 * Contributions add as squares (JCGM 100, 5.1.2). The expanded uncertainty is t₉₅(ν_eff)·u_c, with ν_eff by Welch and
 * Satterthwaite (JCGM 100, G.3 and G.4): what rests on the spread of few repeats counts for no more than it is worth.
 */
final readonly class UncertaintyBudget
{
    /** t₉₅ where nothing rests on few repeats, to the four places of JCGM 100, table G.2: two sides of a normal. */
    public const LARGE_SAMPLE = 1.959963984540054;

    private const SHARE = 0.975;

    /**
     * @param  array<string, float>  $variancesMm2  u² by the contribution's name
     * @param  array<string, float|int>  $freedoms  degrees of freedom by name; what is not named has infinitely many
     */
    public function __construct(public array $variancesMm2, public array $freedoms = [])
    {
    }

    /** u² of something known from elsewhere, to ±U for 95 of 100 cases; its degrees of freedom are taken as many. */
    public static function varianceOfExpanded(float $expandedMm): float
    {
        return ($expandedMm / self::LARGE_SAMPLE) ** 2;
    }

    /** Expanded uncertainty for 95 of 100 tests, mm. */
    public function expandedMm(): float
    {
        return $this->coverageFactor() * $this->standardMm();
    }

    /** Combined standard uncertainty u_c, mm. */
    public function standardMm(): float
    {
        return sqrt(array_sum($this->variancesMm2));
    }

    public function coverageFactor(): float
    {
        return StudentT::quantile(self::SHARE, $this->effectiveFreedom());
    }

    /** ν_eff = u_c⁴ ÷ Σ uᵢ⁴/νᵢ, never below 1; infinite where nothing has few degrees of freedom. */
    public function effectiveFreedom(): float
    {
        $whole = array_sum($this->variancesMm2);
        $few = 0.0;
        foreach ($this->freedoms as $name => $freedom) {
            // As a share of the whole, so that the fourth power of something tiny is not lost.
            $few += $whole > 0.0 ? (($this->variancesMm2[$name] ?? 0.0) / $whole) ** 2 / $freedom : 0.0;
        }

        return $few > 0.0 ? max(1.0, 1 / $few) : INF;
    }

    /** Standard uncertainty of one contribution, mm; 0 where there is no such contribution. */
    public function partMm(string $name): float
    {
        return sqrt($this->variancesMm2[$name] ?? 0.0);
    }

    /** The same with one contribution changed or added. */
    public function with(string $name, float $varianceMm2, ?int $freedom = null): self
    {
        return new self(
            [...$this->variancesMm2, $name => $varianceMm2],
            $freedom === null
                ? array_diff_key($this->freedoms, [$name => true])
                : [...$this->freedoms, $name => $freedom],
        );
    }
}
