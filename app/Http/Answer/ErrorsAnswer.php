<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\FieldError;

/** What was refused, each complaint beside its field. */
final readonly class ErrorsAnswer extends Answer
{
    /** @param  list<FieldError>  $errors */
    public function __construct(
        #[Field('what is wrong, field by field', of: FieldError::class)] public array $errors,
    ) {
    }

    /** @param  string  $field  empty: none in particular */
    public static function one(string $message, string $field = ''): self
    {
        return new self([new FieldError($field, $message)]);
    }
}
