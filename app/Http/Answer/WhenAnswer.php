<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** The choice that a field hangs on. */
final readonly class WhenAnswer extends Answer
{
    public function __construct(
        #[Field('the choice')] public string $choice,
        #[Field('what has to be chosen')] public string $is,
    ) {
    }

    /** @param  array{string, string}|null  $when */
    public static function of(?array $when): ?self
    {
        return $when === null ? null : new self($when[0], $when[1]);
    }
}
