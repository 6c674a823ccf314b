<?php

declare(strict_types=1);

namespace JackRest\Desk;

use JackRest\Core\Basis;
use JackRest\Core\Calculation\Field;

/** Where a number comes from: the formula with the user's own numbers in it, and how far to believe it. */
final readonly class Explanation
{
    public function __construct(
        #[Field('the question it answers')] public string $asks,
        #[Field('the formula')] public string $formula,
        #[Field('the user\'s own numbers in it')] public string $numbers,
        #[Field('how far it is to be believed')] public Basis $basis,
        #[Field('who says so')] public string $source,
    ) {
    }
}
