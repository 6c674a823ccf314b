<?php

declare(strict_types=1);

namespace App\Wood\Answer;

use App\Http\Answer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;

/** What the page of wood begins with. */
final readonly class WoodAnswer extends Answer
{
    /**
     * @param  list<WordAnswer>  $species
     */
    public function __construct(#[Field('which species there are', of: WordAnswer::class)] public array $species)
    {
    }
}
