<?php

declare(strict_types=1);

namespace App\Home\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Every bench there is. */
final readonly class BenchesAnswer extends Answer
{
    /** @param  list<ListedBenchAnswer>  $benches */
    public function __construct(
        #[Field('the one the user stands at first', of: ListedBenchAnswer::class)] public array $benches,
    ) {
    }
}
