<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Field;

final readonly class OperationCovered
{
    /** @param  list<string>  $tools */
    public function __construct(
        #[Field('the operation')] public string $operation,
        #[Field('the tools of the best method at hand', of: 'string')] public array $tools,
        #[Field('its grade')] public float $grade,
    ) {
    }
}
