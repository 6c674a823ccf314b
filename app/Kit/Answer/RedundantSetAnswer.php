<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A set of tools that could go without loss. */
final readonly class RedundantSetAnswer extends Answer
{
    /**
     * @param  list<int>  $ids
     */
    public function __construct(
        #[Field('their numbers', of: 'integer')] public array $ids,
        #[Field('what it is worth')] public string $worth,
        #[Field('whether it is proven that no set is larger')] public bool $isProven,
    ) {
    }
}
