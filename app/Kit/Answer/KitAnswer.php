<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use App\Tool\Answer\ToolAnswer;
use App\Tool\Answer\ToolGroupAnswer;
use App\Work\Answer\WorkAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Explanation;

/** The kit on its board. */
final readonly class KitAnswer extends Answer
{
    /**
     * @param  list<ToolAnswer>  $board
     * @param  list<ToolGroupAnswer>  $groups
     * @param  list<WorkAnswer>  $works
     * @param  list<Explanation>  $how
     */
    public function __construct(
        #[Field('what hangs on the board', of: ToolAnswer::class)] public array $board,
        #[Field('the groups of tools', of: ToolGroupAnswer::class)] public array $groups,
        #[Field('what the kit is for', of: WorkAnswer::class)] public array $works,
        #[Field('what to do next')] public KitNextAnswer $next,
        #[Field('what the whole ladder comes to')] public KitPlanAnswer $plan,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
    ) {
    }
}
