<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use App\Http\Answer\WordAnswer;
use App\Tool\Answer\ToolGroupAnswer;
use App\Work\Answer\WorkAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Explanation;

/** The kit on its board. */
final readonly class KitAnswer extends Answer
{
    /**
     * @param  list<BoardToolAnswer>  $board
     * @param  list<BoardShapeAnswer>  $shapes
     * @param  list<WantedToolAnswer>  $wanted
     * @param  list<ToolGroupAnswer>  $groups
     * @param  list<string>  $rack
     * @param  list<WorkAnswer>  $works
     * @param  list<UnlookedToolAnswer>  $unlooked
     * @param  list<WordAnswer>  $conditions
     * @param  list<Explanation>  $how
     */
    public function __construct(
        #[Field('what hangs on the board', of: BoardToolAnswer::class)] public array $board,
        #[Field('the shapes of what hangs there, each once', of: BoardShapeAnswer::class)] public array $shapes,
        #[Field('what is on the list to get', of: WantedToolAnswer::class)] public array $wanted,
        #[Field('the groups of tools', of: ToolGroupAnswer::class)] public array $groups,
        #[Field('what lies in the rack, coarse to fine', of: 'string')] public array $rack,
        #[Field('what the kit is for', of: WorkAnswer::class)] public array $works,
        #[Field('what to do next')] public KitNextAnswer $next,
        #[Field('what the whole ladder comes to')] public KitPlanAnswer $plan,
        #[Field('what came in and was not asked how it is', of: UnlookedToolAnswer::class)] public array $unlooked,
        #[Field('how a tool can be found', of: WordAnswer::class)] public array $conditions,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
    ) {
    }
}
