<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut;

/** Something that is chosen, not measured. */
final readonly class SetOutChoice
{
    /** @param  non-empty-array<string, string>  $options  labels by value, the usual one first */
    public function __construct(public string $name, public string $label, public array $options)
    {
    }

    public function chosen(string $sent): string
    {
        return isset($this->options[$sent]) ? $sent : (string) array_key_first($this->options);
    }
}
