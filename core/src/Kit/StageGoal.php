<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Field;

/** A work done as well as a floor asks. */
final readonly class StageGoal
{
    public function __construct(
        #[Field('name of the work')] public string $work,
        #[Field('how well it can be done')] public float $floor,
    ) {
    }
}
