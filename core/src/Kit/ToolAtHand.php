<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Tool\ToolKinds;

/** A tool somebody owns, with its own dimensions. */
final readonly class ToolAtHand
{
    /** @param  array<string, float>  $sizes  by dimension; what is missing is taken as usual for its kind */
    public function __construct(public string $id, public string $kind, public string $name, public array $sizes = [])
    {
    }

    /** @return array<string, float> */
    public function sizes(): array
    {
        return [...ToolKinds::named($this->kind)->usualSizes(), ...$this->sizes];
    }
}
