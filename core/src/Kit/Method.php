<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Field;

/** One way to do an operation: all the tools it takes together, and how good it is. */
final readonly class Method
{
    /** @param  list<string>  $tools */
    public function __construct(
        #[Field('the operation it does')] public string $operation,
        #[Field('the tools it takes, all of them', of: 'string')] public array $tools,
        #[Field('how good the result is; more is better')] public float $grade = 1.0,
    ) {
    }
}
