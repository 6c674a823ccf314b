<?php

declare(strict_types=1);

namespace App\SetOut\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use App\Making\Answer\PlanViewAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;
use JackRest\Desk\SetOut\SetOutRow;
use JackRest\Desk\SetOut\ToolSetting;

/** A question as far as it was typed: where the lines go, and what is set to what. */
final readonly class SetOutPreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $figures
     * @param  array<string, string>  $choices
     * @param  list<PlanViewAnswer>  $views
     * @param  list<ToolSetting>  $settings
     * @param  list<string>  $lines
     * @param  list<SetOutRow>  $rows
     * @param  list<SetOutRow>  $chains
     * @param  list<string>  $sheets
     * @param  list<Explanation>  $how
     */
    public function __construct(
        #[Field('each figure as it was understood', of: Reading::class, keyed: true)] public array $figures,
        #[Field('what stands chosen', of: 'string', keyed: true)] public array $choices,
        #[Field('the drawing; none while something is wrong', of: PlanViewAnswer::class)] public array $views,
        #[Field('what is set to what, in the order of work', of: ToolSetting::class)] public array $settings,
        #[Field('what else is to be known', of: 'string')] public array $lines,
        #[Field('other ways beside it', of: SetOutRow::class)] public array $rows,
        #[Field('by transfer and by numbers, what each is worth', of: SetOutRow::class)] public array $chains,
        #[Field('the sheets of its template; none: it has none', of: 'string')] public array $sheets,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
    ) {
    }
}
