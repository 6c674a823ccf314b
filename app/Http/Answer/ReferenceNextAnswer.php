<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Advice;

/** What to do next with a reference, and why. */
final readonly class ReferenceNextAnswer extends Answer
{
    public function __construct(
        #[Field('ready to be read')] public string $says,
        #[Field('why it is so')] public string $why,
        #[Field('whether something is to come off, and a test to follow')] public bool $takeOff,
    ) {
    }

    public static function of(Advice $advice): self
    {
        return new self($advice->says, $advice->why, $advice->takeOff);
    }
}
