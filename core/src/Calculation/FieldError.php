<?php

declare(strict_types=1);

namespace JackRest\Core\Calculation;

/** One thing wrong with one field: which, and what would be right. */
final readonly class FieldError
{
    public function __construct(
        #[Field('which field; empty: none in particular')] public string $field,
        #[Field('what is wrong with it, and what would be right')] public string $message,
    ) {
    }

    public function under(string $path): self
    {
        $joint = $this->field === '' || str_starts_with($this->field, '[') ? '' : '.';

        return new self($path.$joint.$this->field, $this->message);
    }
}
