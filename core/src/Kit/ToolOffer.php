<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Field;

/** A tool that is owned or could be had, and what it needs beside it to be of use. */
final readonly class ToolOffer
{
    /** @param  list<string>  $needs */
    public function __construct(
        #[Field('name of the tool')] public string $id,
        #[Field('what it costs, in any one currency', atLeast: 0)] public float $cost,
        #[Field('tools without which it does not count', of: 'string')] public array $needs = [],
    ) {
    }
}
