<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\Rounding;

/**
 * The burr of a card scraper: how the burnisher's tilt decides how it is held.
 *
 * A burnisher tilted by τ leaves the edge sloping by τ behind the burr. Leaned forward by λ, the scraper holds that
 * slope at λ − τ to the wood: it begins to cut at λ = τ, and with a clearance c it is held at λ = τ + c, its face at
 * 90° − λ to the wood. The corner ends ½·t·tan τ lower than the middle of an edge t thick. Passes = burr ÷ what one
 * turns, rounded up. Source: geometry; clearance, burr and what a pass turns from memory.
 */
#[Calculates('scraper-burr', 'Burr of a card scraper')]
final class ScraperBurr
{
    public function __invoke(ScraperBurrInput $scraper): ScraperBurrResult
    {
        $lean = $scraper->burnisherDeg + $scraper->clearanceDeg;

        return new ScraperBurrResult(
            $scraper->burnisherDeg,
            $scraper->burnisherDeg,
            $lean,
            90 - $lean,
            max(1, Rounding::up($scraper->burrUm / $scraper->perPassUm)),
            0.5 * $scraper->thicknessMm * tan(deg2rad($scraper->burnisherDeg)),
        );
    }
}
