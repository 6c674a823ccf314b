<?php

declare(strict_types=1);

namespace App\Making\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;

/** What a plan asks of the shelf and of the kit. */
final readonly class PlanNeedsAnswer extends Answer
{
    /**
     * @param  list<PartWoodAnswer>  $wood
     * @param  list<WordAnswer>  $blanks
     * @param  list<PlanLackAnswer>  $missing
     * @param  list<PlanGetAnswer>  $ladder
     */
    public function __construct(
        #[Field('where the wood for each part comes from', of: PartWoodAnswer::class)] public array $wood,
        #[Field('wood on the shelf', of: WordAnswer::class)] public array $blanks,
        #[Field('what the kit lacks, ready to be read')] public string $says,
        #[Field('what is not there yet', of: PlanLackAnswer::class)] public array $missing,
        #[Field('what to get, in order', of: PlanGetAnswer::class)] public array $ladder,
        #[Field('what it comes to, ready to be read')] public string $cost,
        #[Field('what to do next')] public NextAnswer $next,
    ) {
    }
}
