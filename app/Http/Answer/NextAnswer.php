<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Advice;

/** What to do next, and why. */
final readonly class NextAnswer extends Answer
{
    public function __construct(
        #[Field('ready to be read')] public string $says,
        #[Field('why it is so')] public string $why,
    ) {
    }

    public static function of(Advice $advice): self
    {
        return new self($advice->says, $advice->why);
    }
}
