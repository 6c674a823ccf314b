<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference;

/** What is on record of one reference: its sizes by name, and what was chosen about it. */
final readonly class ReferenceSizes
{
    /**
     * @param  array<string, float|int>  $figures  mm, degrees or counts
     * @param  array<string, string>  $choices  by the choices' names
     */
    public function __construct(private array $figures, public array $choices = [])
    {
    }

    public function find(string $name): ?float
    {
        return isset($this->figures[$name]) ? (float) $this->figures[$name] : null;
    }

    /** @param  float  $usual  where nothing is on record */
    public function get(string $name, float $usual = 0.0): float
    {
        return $this->find($name) ?? $usual;
    }
}
