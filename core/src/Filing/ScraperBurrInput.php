<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class ScraperBurrInput
{
    /** @throws InvalidInput when the scraper would lie on the wood */
    public function __construct(
        #[
            Field('how far the burnisher is tilted from square across the edge, degrees', atLeast: 0, atMost: 45),
        ]
        public float $burnisherDeg,
        #[
            Field('angle kept free between burr and wood, degrees', atLeast: 0, atMost: 30),
        ]
        public float $clearanceDeg = 5.0,
        #[Field('how far the burr shall stand out, µm', above: 0)] public float $burrUm = 30.0,
        #[Field('what a firm pass turns, µm', above: 0)] public float $perPassUm = 7.5,
        #[Field('thickness of the scraper, mm', above: 0, atMost: 5)] public float $thicknessMm = 0.8,
    ) {
        if ($burnisherDeg + $clearanceDeg >= 80) {
            throw InvalidInput::because(
                'burnisherDeg',
                'with this clearance the scraper would have to lie on the wood: keep the sum under 80°',
            );
        }
    }
}
