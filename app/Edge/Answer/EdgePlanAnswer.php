<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;

/** How an edge is sharpened. */
final readonly class EdgePlanAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $readings
     * @param  list<PlanStepAnswer>  $steps
     * @param  list<string>  $skipped
     * @param  list<EarlierAnswer>  $earlier
     * @param  list<PlanOfSchoolAnswer>  $schools
     * @param  list<Explanation>  $how
     */
    public function __construct(
        #[
            Field('what was typed and how it was understood, by field', of: Reading::class, keyed: true),
        ]
        public array $readings,
        #[Field('the angle, ready to be read')] public ?MeasuredAngleAnswer $angle,
        #[Field('what is said of the angle')] public string $angleSays,
        #[Field('what it is drawn by')] public DrawnEdgeAnswer $drawn,
        #[Field('step by step', of: PlanStepAnswer::class)] public array $steps,
        #[Field('how long it takes, set-up told apart from the stones')] public ?string $minutes,
        #[Field('what could be left out', of: 'string')] public array $skipped,
        #[Field('where one could stop earlier', of: EarlierAnswer::class)] public array $earlier,
        #[Field('what other schools would do', of: PlanOfSchoolAnswer::class)] public array $schools,
        #[Field('whether there is no stone at all')] public bool $rackIsEmpty,
        #[Field('what speaks against it; null: nothing')] public ?string $warning,
        #[Field('what to beware of')] public string $caution,
        #[Field('what to beware of at the wheel; null: nothing is ground')] public ?string $grindingCaution,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
    ) {
    }
}
