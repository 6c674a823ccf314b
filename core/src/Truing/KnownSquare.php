<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Measure\UncertaintyBudget;

/**
 * A square compared with one whose error is known.
 *
 * Both stocks against the same straight edge, one to the left and one to the right, the outer edges of both blades
 * pushed together. A blade that leans toward its stock leaves the other at the tip, so over the common length L the gap
 * at the tip is the sum of both errors, each in the proportion of L to its own length; a gap at the heel counts less
 * than nought. Nothing is halved: u = (length/L)·√(resolution²/12 + (u known·L/length known)²), U = t₉₅·u.
 * Source: plane geometry, common practice; JCGM 100.
 */
final readonly class KnownSquare
{
    /**
     * @param  float  $errorMm  toward the stock more than nought, over the length
     * @param  float  $uncertaintyMm  expanded
     */
    public function __construct(
        public string $name,
        public float $lengthMm,
        public float $errorMm,
        public float $uncertaintyMm,
    ) {
    }

    /** Error of the other square over its own length, mm. */
    public function errorOfMm(float $gapMm, float $lengthMm): float
    {
        $common = min($this->lengthMm, $lengthMm);

        return (($gapMm - ($this->errorMm * $common) / $this->lengthMm) * $lengthMm) / $common;
    }

    public function uncertaintyOfMm(float $resolutionMm, float $lengthMm): float
    {
        $common = min($this->lengthMm, $lengthMm);

        return $lengthMm / $common * (new UncertaintyBudget([
            'reading' => $resolutionMm ** 2 / 12,
            'known' => UncertaintyBudget::varianceOfExpanded($this->uncertaintyMm * $common / $this->lengthMm),
        ]))->expandedMm();
    }
}
