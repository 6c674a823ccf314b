<?php

declare(strict_types=1);

namespace App\Guide\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Every honing guide. */
final readonly class GuidesAnswer extends Answer
{
    /**
     * @param  list<GuideAnswer>  $guides
     */
    public function __construct(#[Field('guide by guide', of: GuideAnswer::class)] public array $guides)
    {
    }
}
