<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Conditions;

use JackRest\Core\Fit\SawFit;
use JackRest\Core\Fit\SawFitInput;
use JackRest\Core\Fit\SawVerdict;
use JackRest\Core\Fit\UsualBite;
use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Condition;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Shortfall;

/** The saw's teeth neither catch nor clog in this stock ({@see SawFit}). */
final readonly class TeethSuit implements Condition
{
    /** @param  float  $sawAngleDeg  90 with a level back saw, 60 ripping and 45 crosscutting with a handsaw */
    public function __construct(private string $kind, private float $sawAngleDeg = 90.0)
    {
    }

    public function kind(): string
    {
        return $this->kind;
    }

    public function holds(array $sizes, Facts $facts): bool
    {
        $verdict = $this->verdict($sizes, $facts);

        return $verdict !== SawVerdict::Catches && $verdict !== SawVerdict::Clogs;
    }

    public function says(LengthFormatter $format): string
    {
        return 'three teeth or more in the cut, and room for the dust';
    }

    public function shortfall(array $sizes, Facts $facts): Shortfall
    {
        $finer = $this->verdict($sizes, $facts) === SawVerdict::Catches;

        return new Shortfall(
            'teeth',
            $finer ? 'finer than' : 'coarser than',
            $sizes['tpi'] ?? null,
            $sizes['tpi'] ?? null,
            DimensionUnit::TeethPerInch,
        );
    }

    /** @param  array<string, float>  $sizes */
    private function verdict(array $sizes, Facts $facts): ?SawVerdict
    {
        $thickness = $facts->get(Fact::Thickness);
        $tpi = $sizes['tpi'] ?? null;

        return $thickness === null || $tpi === null
            ? null
            : (new SawFit())(
                UsualBite::of(new SawFitInput(
                    teethPerInch: $tpi,
                    strokeLengthMm: 0.8 * ($sizes['length'] ?? 250),
                    stockThicknessMm: $thickness,
                    cutDepthMm: $facts->get(Fact::Depth) ?? $thickness,
                    hardness: $facts->hardness,
                    sawAngleDeg: $this->sawAngleDeg,
                )),
            )->verdict;
    }
}
