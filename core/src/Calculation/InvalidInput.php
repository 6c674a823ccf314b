<?php

declare(strict_types=1);

namespace JackRest\Core\Calculation;

use DomainException;

/** What was asked cannot be computed; carries every complaint found, each beside its field. */
final class InvalidInput extends DomainException
{
    /** @param  non-empty-list<FieldError>  $errors */
    public function __construct(public readonly array $errors)
    {
        parent::__construct(implode('; ', array_map(
            static fn (FieldError $error): string => ltrim("{$error->field}: {$error->message}", ': '),
            $errors,
        )));
    }

    public static function because(string $field, string $message): self
    {
        return new self([new FieldError($field, $message)]);
    }

    public static function tooLarge(): self
    {
        return self::because('', 'these numbers are too large or too small to compute with: check their units');
    }

    /** @return array{errors: list<array{field: string, message: string}>} */
    public function toArray(): array
    {
        return ['errors' => array_map(
            static fn (FieldError $error): array => ['field' => $error->field, 'message' => $error->message],
            $this->errors,
        )];
    }
}
