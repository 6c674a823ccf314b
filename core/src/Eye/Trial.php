<?php

declare(strict_types=1);

namespace JackRest\Core\Eye;

use JackRest\Core\Calculation\InvalidInput;

/** One error shown to somebody, and whether they saw it for what it was. */
final readonly class Trial
{
    /**
     * @param  float  $size  how large the error was, in the unit of its exercise
     *
     * @throws InvalidInput for a size that is not more than 0
     */
    public function __construct(public float $size, public bool $isRight)
    {
        if (! ($size > 0 && is_finite($size))) {
            throw InvalidInput::because('size', 'must be more than 0');
        }
    }
}
