<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

/** A number that a kind of work is given: what it is called, what is usual, what is possible. Lengths in mm. */
final readonly class Measure
{
    private function __construct(
        public string $name,
        public string $label,
        public bool $isLength,
        public float $usual,
        public float $least,
        public float $most,
    ) {
    }

    public static function length(string $name, string $label, float $usualMm, float $leastMm, float $mostMm): self
    {
        return new self($name, $label, true, $usualMm, $leastMm, $mostMm);
    }

    public static function count(string $name, string $label, int $usual, int $least, int $most): self
    {
        return new self($name, $label, false, $usual, $least, $most);
    }
}
