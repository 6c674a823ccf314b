<?php

declare(strict_types=1);

namespace App\Home\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What was found. */
final readonly class SearchAnswer extends Answer
{
    /**
     * @param  list<HitAnswer>  $hits
     */
    public function __construct(#[Field('what was found', of: HitAnswer::class)] public array $hits)
    {
    }
}
