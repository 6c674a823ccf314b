<?php

declare(strict_types=1);

namespace App\Home\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A bench in the list of benches. */
final readonly class ListedBenchAnswer extends Answer
{
    public function __construct(
        #[Field('the bench\'s number')] public int $id,
        #[Field('what it is called')] public string $name,
        #[Field('how many tools hang there')] public int $tools,
        #[Field('how many lines its diary has')] public int $entries,
        #[Field('whether the user stands at it')] public bool $isHere,
        #[Field('whether it came from a file, and nothing was written there since')] public bool $justBrought,
    ) {
    }
}
