<?php

declare(strict_types=1);

namespace JackRest\Core\ShadowBoard;

/** One row of the board: crates side by side from the left, hung from one line. */
final readonly class Shelf
{
    /** @param  list<Crate>  $crates */
    public function __construct(public array $crates)
    {
    }

    public function width(): float
    {
        return array_sum(array_map(static fn (Crate $crate): float => $crate->width, $this->crates));
    }

    /** As high as its highest crate. */
    public function height(): float
    {
        return max([0.0, ...array_map(static fn (Crate $crate): float => $crate->height, $this->crates)]);
    }

    public function with(Crate $crate): self
    {
        return new self([...$this->crates, $crate]);
    }
}
