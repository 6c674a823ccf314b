<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** The whole ladder for the works. */
final readonly class KitPlanAnswer extends Answer
{
    public function __construct(
        #[Field('what it comes to, in one sentence')] public string $sentence,
        #[Field('what it costs')] public float $cost,
        #[Field('whether every step is proven to be the cheapest')] public bool $provenOptimal,
        #[Field('how many tools it has')] public int $tools,
    ) {
    }
}
