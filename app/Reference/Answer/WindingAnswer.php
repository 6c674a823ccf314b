<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use App\Http\Answer\NamedAnswer;
use JackRest\Core\Calculation\Field;

/** What the page of winding begins with. */
final readonly class WindingAnswer extends Answer
{
    /** @param  list<NamedAnswer>  $boards */
    public function __construct(
        #[Field('the winding sticks')] public ?string $sticks,
        #[Field('boards on the list', of: NamedAnswer::class)] public array $boards,
        #[Field('what stands in the fields')] public WindingTypedAnswer $typed,
    ) {
    }
}
