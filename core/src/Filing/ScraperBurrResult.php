<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Calculation\Field;

final readonly class ScraperBurrResult
{
    public function __construct(
        #[Field('how far the underside of the burr slopes, degrees')] public float $burrDeg,
        #[Field('how far the scraper must lean forward before it cuts, degrees')] public float $leastLeanDeg,
        #[Field('how far to lean it, degrees')] public float $leanDeg,
        #[Field('angle between its face and the wood then, degrees')] public float $cuttingDeg,
        #[Field('firm passes on each edge')] public int $passes,
        #[Field('how much lower the edge’s corner ends than its middle, mm')] public float $dropMm,
    ) {
    }
}
