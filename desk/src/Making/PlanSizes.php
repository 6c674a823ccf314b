<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

use OutOfBoundsException;

/** The sizes of a plan by name: mm, or degrees. */
final readonly class PlanSizes
{
    /** @param  array<string, float>  $values */
    public function __construct(private array $values = [])
    {
    }

    public function get(string $name): float
    {
        return $this->values[$name] ?? throw new OutOfBoundsException("no size is called $name");
    }

    public function with(string $name, float $value): self
    {
        return new self([...$this->values, $name => $value]);
    }

    /** @return array<string, float> */
    public function all(): array
    {
        return $this->values;
    }
}
