<?php

declare(strict_types=1);

namespace App\Stall\Answer;

use App\Http\Answer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;

/** Every look over an old tool. */
final readonly class LooksAnswer extends Answer
{
    /**
     * @param  list<ListedLookAnswer>  $looks
     * @param  list<WordAnswer>  $kinds
     */
    public function __construct(
        #[Field('look by look', of: ListedLookAnswer::class)] public array $looks,
        #[Field('which kinds there are', of: WordAnswer::class)] public array $kinds,
    ) {
    }
}
