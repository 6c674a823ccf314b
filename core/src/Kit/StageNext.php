<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Field;

/** What would come next if the budget reached for it. */
final readonly class StageNext
{
    /** @param  list<string>  $buy */
    public function __construct(
        #[Field('name of the work')] public string $work,
        #[Field('how well it could be done')] public float $floor,
        #[Field('the tools to get, in alphabetical order', of: 'string')] public array $buy,
        #[Field('what they cost')] public float $cost,
        #[Field('what the budget is short of')] public float $short,
    ) {
    }
}
