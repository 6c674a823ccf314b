<?php

declare(strict_types=1);

namespace App\Making\Answer;

use App\Http\Answer;
use App\Http\Answer\FieldAnswer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;

/** A plan with its figures. */
final readonly class PlanPreviewAnswer extends Answer
{
    /**
     * @param  list<FieldAnswer>  $fields
     * @param  array<string, Reading>  $figures
     * @param  list<PlanViewAnswer>  $views
     * @param  list<PlanPartAnswer>  $parts
     * @param  list<MakingStepAnswer>  $steps
     * @param  list<string>  $lines
     * @param  list<Explanation>  $how
     * @param  list<string>  $sheets
     */
    public function __construct(
        #[Field('the plan')] public string $plan,
        #[Field('what is read beside it')] public string $label,
        #[Field('ready to be read')] public string $says,
        #[Field('what is asked', of: FieldAnswer::class)] public array $fields,
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
        #[Field('the drawing\'s views', of: PlanViewAnswer::class)] public array $views,
        #[Field('what it is made of', of: PlanPartAnswer::class)] public array $parts,
        #[Field('step by step', of: MakingStepAnswer::class)] public array $steps,
        #[Field('how long it takes')] public int $minutes,
        #[Field('how many days')] public int $days,
        #[Field('line by line, ready to be read', of: 'string')] public array $lines,
        #[Field('what to beware of')] public string $caution,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
        #[Field('what to correct first; null: nothing, it can be made as it is')] public ?NextAnswer $wrong,
        #[Field('what can be printed', of: 'string')] public array $sheets,
    ) {
    }
}
