<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;

/** A comparison with a known square as far as it has been typed. */
final readonly class KnownPreviewAnswer extends Answer
{
    /**
     * @param  list<KnownRowReadAnswer>  $rows
     */
    public function __construct(
        #[Field('line by line', of: KnownRowReadAnswer::class)] public array $rows,
        #[Field('what to do next')] public NextAnswer $next,
    ) {
    }
}
