<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Edge\ToolCondition;

/** How a tool that cuts was found when it was last asked about. */
final readonly class AskedConditionAnswer extends Answer
{
    /**
     * @param  list<WordAnswer>  $conditions
     */
    public function __construct(
        #[Field('how it was found; null: nobody was asked')] public ?ToolCondition $found,
        #[Field('how it can be found', of: WordAnswer::class)] public array $conditions,
    ) {
    }
}
