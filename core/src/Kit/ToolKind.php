<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** A kind of tool: what it is, what it is for, what it needs beside it. */
final readonly class ToolKind
{
    /**
     * @param  string  $form  the outline it is drawn by: plane, chisel, back-saw, …
     * @param  list<string>  $needs  kinds without which it is of no use
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $says,
        public string $form,
        public string $group,
        public array $needs = [],
    ) {
    }
}
