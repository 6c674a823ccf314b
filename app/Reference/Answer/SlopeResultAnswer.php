<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What a slope template is drawn by. */
final readonly class SlopeResultAnswer extends Answer
{
    public function __construct(
        #[Field('the angle, degrees')] public float $angleDeg,
        #[Field('the slope, ready to be read')] public string $ratio,
        #[Field('the angle, ready to be read')] public string $angle,
        #[Field('the angle it should have, degrees; null: not told')] public ?float $nominalDeg,
        #[Field('which way it leans')] public ?string $lean,
    ) {
    }
}
