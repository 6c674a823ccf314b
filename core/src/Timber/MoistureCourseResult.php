<?php

declare(strict_types=1);

namespace JackRest\Core\Timber;

use JackRest\Core\Calculation\Field;

final readonly class MoistureCourseResult
{
    /** @param  list<MoistureDay>  $course */
    public function __construct(
        #[Field('the wood at each entry of the climate and at the end', of: MoistureDay::class)] public array $course,
    ) {
    }
}
