<?php

declare(strict_types=1);

namespace App\Season\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** The wood of a reference. */
final readonly class WoodOfAnswer extends Answer
{
    public function __construct(
        #[Field('the wood\'s species')] public string $species,
        #[Field('how the rings lie')] public string $ring,
        #[Field('how far the grain runs out')] public string $runout,
        #[Field('thickness, ready to be read')] public string $thickness,
    ) {
    }
}
