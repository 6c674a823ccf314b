<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

final readonly class HoningPath
{
    /** @param  list<HoningStep>  $path */
    public function __construct(
        #[Field('the stones in order, coarse to fine', of: HoningStep::class)] public array $path,
        #[Field('time for all of it, seconds')] public float $totalSeconds,
    ) {
    }
}
