<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Measure\LengthFormatter;

/** How thick the last shavings were. */
final readonly class LearntShavingAnswer extends Answer
{
    public function __construct(
        #[Field('ready to be read')] public string $says,
        #[Field('as it would be typed')] public string $typed,
    ) {
    }

    /** What the last shavings really took. */
    public static function of(?float $mm, LengthFormatter $format): ?self
    {
        return $mm === null
            ? null
            : new self(
                'Your last shavings were '.$format->small($mm).' thick, by what they took.',
                $format->typed(round($mm, 3)),
            );
    }
}
