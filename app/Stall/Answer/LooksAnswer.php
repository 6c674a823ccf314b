<?php

declare(strict_types=1);

namespace App\Stall\Answer;

use App\Http\Answer;
use App\Http\Answer\ToolOutlineAnswer;
use JackRest\Core\Calculation\Field;

/** Every look over an old tool. */
final readonly class LooksAnswer extends Answer
{
    /**
     * @param  list<ListedLookAnswer>  $looks
     * @param  list<LookKindAnswer>  $kinds
     * @param  array<string, ToolOutlineAnswer>  $outlines
     */
    public function __construct(
        #[Field('look by look', of: ListedLookAnswer::class)] public array $looks,
        #[Field('which kinds there are', of: LookKindAnswer::class)] public array $kinds,
        #[Field('what tools of a form look like, by form', of: ToolOutlineAnswer::class, keyed: true)]
        public array $outlines,
    ) {
    }
}
