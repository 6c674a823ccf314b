<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

final readonly class GuideProjectionResult
{
    /** @param  list<GuideStop>  $projections */
    public function __construct(
        #[Field('the stops, in the order of the angles', of: GuideStop::class)] public array $projections,
    ) {
    }
}
