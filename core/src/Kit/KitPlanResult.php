<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Field;

final readonly class KitPlanResult
{
    /**
     * @param  list<string>  $buy
     * @param  list<OperationCovered>  $coverage
     * @param  list<string>  $uncoverable
     * @param  list<string>|null  $unserved
     */
    public function __construct(
        #[Field('the tools to get, in alphabetical order', of: 'string')] public array $buy,
        #[Field('what they cost together')] public float $cost,
        #[Field('whether nothing better exists; false when the search was stopped early')] public bool $provenOptimal,
        #[Field('no plan can cost less than this')] public float $lowerBound,
        #[
            Field('for each operation served the best method then at hand', of: OperationCovered::class),
        ]
        public array $coverage,
        #[Field('operations that no method can serve', of: 'string')] public array $uncoverable,
        #[Field('with a budget: operations left out', of: 'string')] public ?array $unserved = null,
    ) {
    }
}
