<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Field;

/** A work: the operations it takes, and how much it matters. */
final readonly class StageWork
{
    /** @param  list<string>  $operations */
    public function __construct(
        #[Field('name of the work')] public string $id,
        #[Field('the operations it takes', of: 'string')] public array $operations,
        #[Field('how much it matters to get on with it', above: 0)] public float $weight = 1.0,
    ) {
    }
}
