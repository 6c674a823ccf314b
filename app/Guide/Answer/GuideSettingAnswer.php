<?php

declare(strict_types=1);

namespace App\Guide\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A projection and the angle it gives. */
final readonly class GuideSettingAnswer extends Answer
{
    public function __construct(
        #[Field('how far the iron stands out, as it would be typed')] public string $projection,
        #[Field('the angle, ready to be read')] public string $angle,
    ) {
    }
}
