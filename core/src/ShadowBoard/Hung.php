<?php

declare(strict_types=1);

namespace JackRest\Core\ShadowBoard;

use JackRest\Core\Outline\Outline;

/** A tool in its place: the upper left corner of its outline, mm from that of the panel. */
final readonly class Hung
{
    private function __construct(
        public BoardTool $tool,
        public Outline $outline,
        public float $x,
        public float $y,
        public bool $isTurned,
        public float $crateBottom,
    ) {
    }

    /** Its crate's upper left corner at a place. */
    public static function in(Crate $crate, float $x, float $y, Panel $panel): self
    {
        return new self(
            $crate->tool,
            $crate->outline,
            $x + $panel->room / 2,
            $y + $panel->room / 2,
            $crate->isTurned,
            $y + $crate->height,
        );
    }

    /** Its outline where it hangs. */
    public function placed(): Outline
    {
        return $this->outline->moved($this->x, $this->y);
    }
}
