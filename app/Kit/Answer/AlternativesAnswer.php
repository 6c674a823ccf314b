<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What could be bought instead. */
final readonly class AlternativesAnswer extends Answer
{
    /**
     * @param  list<PurchaseAnswer>  $purchases
     * @param  list<WorthAnswer>  $worth
     */
    public function __construct(
        #[Field('what would be next best; null: nothing')] public ?string $nextBest,
        #[Field('what was bought and for what', of: PurchaseAnswer::class)] public array $purchases,
        #[Field('below which price each offer would come into the plan', of: WorthAnswer::class)] public array $worth,
    ) {
    }
}
