<?php

declare(strict_types=1);

namespace App\Auger\Answer;

use App\Http\Answer;
use App\Http\Answer\NamedAnswer;
use JackRest\Core\Calculation\Field;

/** Every set of auger bits. */
final readonly class AugersAnswer extends Answer
{
    /**
     * @param  list<NamedAnswer>  $sets
     */
    public function __construct(#[Field('set by set', of: NamedAnswer::class)] public array $sets)
    {
    }
}
