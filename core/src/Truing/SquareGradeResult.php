<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;

final readonly class SquareGradeResult
{
    /** @param  list<GradeMet>  $grades */
    public function __construct(
        #[Field('the grades, the finest first', of: GradeMet::class)] public array $grades,
    ) {
    }
}
