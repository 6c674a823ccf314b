<?php

declare(strict_types=1);

namespace JackRest\Core\ShadowBoard;

use JackRest\Core\Outline\Outline;

/** The box that a tool takes up on the board: its outline, and half the hand's room on every side. */
final readonly class Crate
{
    private function __construct(
        public BoardTool $tool,
        public Outline $outline,
        public bool $isTurned,
        public float $width,
        public float $height,
    ) {
    }

    /** As it hangs, or turned where only that fits; null where neither does. */
    public static function fitting(BoardTool $tool, Panel $panel): ?self
    {
        foreach ([false, true] as $isTurned) {
            $outline = $isTurned ? $tool->outline->turned() : $tool->outline;
            [$width, $height] = [$outline->width + $panel->room, $outline->height + $panel->room];
            if ($width <= $panel->width && $height <= $panel->height) {
                return new self($tool, $outline, $isTurned, $width, $height);
            }
        }

        return null;
    }
}
