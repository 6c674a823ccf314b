<?php

declare(strict_types=1);

namespace App\Saw\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Every saw. */
final readonly class SawsAnswer extends Answer
{
    /**
     * @param  list<ListedSawAnswer>  $saws
     */
    public function __construct(#[Field('saw by saw', of: ListedSawAnswer::class)] public array $saws)
    {
    }
}
