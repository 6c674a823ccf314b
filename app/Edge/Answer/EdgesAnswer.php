<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Every edge, the worst first. */
final readonly class EdgesAnswer extends Answer
{
    /**
     * @param  list<EdgeAnswer>  $edges
     */
    public function __construct(#[Field('edge by edge', of: EdgeAnswer::class)] public array $edges)
    {
    }
}
