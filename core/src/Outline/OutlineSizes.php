<?php

declare(strict_types=1);

namespace JackRest\Core\Outline;

/** A tool's own dimensions, mm by name. */
final readonly class OutlineSizes
{
    /** @param  array<string, float>  $mm */
    public function __construct(private array $mm)
    {
    }

    /** Its own, or the usual one of its kind. */
    public function of(string $name, float $usual): float
    {
        return $this->mm[$name] ?? $usual;
    }
}
