<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut;

use OutOfBoundsException;

/** The numbers and choices a question is asked with. */
final readonly class Typed
{
    /**
     * @param  array<string, float>  $values  mm, degrees, counts, by field
     * @param  array<string, string>  $choices
     */
    public function __construct(private array $values, private array $choices)
    {
    }

    public function get(string $field): float
    {
        return $this->values[$field] ?? throw new OutOfBoundsException("nothing was typed for $field");
    }

    public function find(string $field): ?float
    {
        return $this->values[$field] ?? null;
    }

    public function whole(string $field): int
    {
        return (int) round($this->get($field));
    }

    public function choice(string $name): string
    {
        return $this->choices[$name] ?? '';
    }

    public function with(string $field, float $value): self
    {
        return new self([...$this->values, $field => $value], $this->choices);
    }
}
