<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Field;

/** Something that must be done to wood, and how well. */
final readonly class OperationWanted
{
    public function __construct(
        #[Field('name of the operation')] public string $id,
        #[Field('a method must be at least this good')] public float $minGrade = 0.0,
        #[
            Field('how much it matters when the budget does not reach for everything', atLeast: 0),
        ]
        public float $weight = 1.0,
    ) {
    }
}
