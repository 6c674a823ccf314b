<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;

final readonly class KerfFitInput
{
    /** @param  list<KerfBlade>  $blades */
    public function __construct(
        #[Field('thickness of the saw’s plate', above: 0)] public float $plateMm,
        #[Field('set of its teeth to one side', atLeast: 0)] public float $setPerSideMm,
        #[Field('blades for the waste', of: KerfBlade::class, maxItems: 1000)] public array $blades,
    ) {
    }
}
