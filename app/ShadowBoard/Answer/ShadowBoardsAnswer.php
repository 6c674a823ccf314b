<?php

declare(strict_types=1);

namespace App\ShadowBoard\Answer;

use App\Http\Answer;
use App\Tool\Answer\ToolGroupAnswer;
use JackRest\Core\Calculation\Field;

/** Every shadow board. */
final readonly class ShadowBoardsAnswer extends Answer
{
    /**
     * @param  list<ShadowBoardAnswer>  $boards
     * @param  list<ToolToHangAnswer>  $tools
     * @param  list<ToolGroupAnswer>  $groups
     */
    public function __construct(
        #[Field('board by board', of: ShadowBoardAnswer::class)] public array $boards,
        #[Field('what can hang on one', of: ToolToHangAnswer::class)] public array $tools,
        #[Field('the groups of tools', of: ToolGroupAnswer::class)] public array $groups,
    ) {
    }
}
