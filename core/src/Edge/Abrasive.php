<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

/** A stone, paper, film or plate as the honing plan sees it. */
final readonly class Abrasive
{
    public function __construct(
        #[Field('name by which the answer refers to it')] public string $id,
        #[Field('median particle size, micrometres', above: 0)] public float $particleUm,
        #[Field('how fast it cuts against the usual; 1.3 = 1.3 times', above: 0)] public float $cutFactor = 1.0,
        #[Field('time to fetch, wet and flatten it, seconds', atLeast: 0)] public float $changeSeconds = 0.0,
    ) {
    }
}
