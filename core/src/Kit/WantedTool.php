<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** A tool on the user's list, with the price they would pay; null: they don't know it yet. */
final readonly class WantedTool
{
    /** @param  array<string, float>  $sizes */
    public function __construct(
        public string $id,
        public string $kind,
        public string $name,
        public array $sizes,
        public ?float $price,
    ) {
    }
}
