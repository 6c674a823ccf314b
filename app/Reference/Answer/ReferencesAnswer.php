<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;

/** Every reference. */
final readonly class ReferencesAnswer extends Answer
{
    /**
     * @param  list<ListedAnswer>  $references
     * @param  list<WordAnswer>  $kinds
     */
    public function __construct(
        #[Field('reference by reference', of: ListedAnswer::class)] public array $references,
        #[Field('which kinds there are', of: WordAnswer::class)] public array $kinds,
        #[Field('the paper that gaps are read with')] public ?string $paper,
    ) {
    }
}
