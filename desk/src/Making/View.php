<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

use JackRest\Core\Outline\Path;

/**
 * One view of what is made, as a shop drawing has it: what is seen, what is hidden, its dimensions; mm from its upper
 * left corner.
 */
final readonly class View
{
    /**
     * @param  list<Path>  $seen
     * @param  list<Path>  $hidden
     * @param  list<Dim>  $dims
     */
    public function __construct(
        public string $name,
        public float $width,
        public float $height,
        public array $seen,
        public array $hidden = [],
        public array $dims = [],
    ) {
    }

    /** A quarter turn to the right: what is long lies along the paper. */
    public function turned(): self
    {
        $turn = fn (Path $path): Path => $path->turned($this->height);

        return new self(
            $this->name,
            $this->height,
            $this->width,
            array_map($turn, $this->seen),
            array_map($turn, $this->hidden),
            array_map(fn (Dim $dim): Dim => $dim->turned($this->height), $this->dims),
        );
    }
}
