<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One side of a comparison. */
final readonly class TrialSideAnswer extends Answer
{
    public function __construct(
        #[Field('the stone')] public string $stone,
        #[Field('size of the grit, µm')] public float $um,
        #[Field('how good the surface was, 1 to 5')] public int $surface,
        #[Field('how much it tore, 1 to 5')] public int $tearOut,
        #[Field('how hard it went, 1 to 5')] public int $effort,
    ) {
    }
}
