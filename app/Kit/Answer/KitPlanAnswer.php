<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** The smallest kit for the works. */
final readonly class KitPlanAnswer extends Answer
{
    public function __construct(
        #[Field('what it comes to, in one sentence')] public string $sentence,
        #[Field('what it costs')] public float $cost,
        #[Field('whether it is proven that none is cheaper')] public bool $provenOptimal,
        #[Field('how many tools it has')] public int $tools,
    ) {
    }
}
