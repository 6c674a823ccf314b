<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Field;

final readonly class KitStagesResult
{
    /**
     * @param  list<KitStage>  $stages
     * @param  list<string>  $impossible
     */
    public function __construct(
        #[Field('the stages, first to last', of: KitStage::class)] public array $stages,
        #[Field('what all stages cost')] public float $total,
        #[Field('what the highest floor of all works would cost bought straight away')] public float $straightTotal,
        #[Field('with a budget that does not reach for all: what would come next; null: nothing is left')]
        public ?StageNext $next,
        #[Field('works with an operation that nothing serves', of: 'string')] public array $impossible,
    ) {
    }
}
