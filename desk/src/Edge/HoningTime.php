<?php

declare(strict_types=1);

namespace JackRest\Desk\Edge;

/** How long a honing takes, the same on every page: what it takes to begin and clear up, and what the stones take. */
final readonly class HoningTime
{
    /** To fetch the stones and water, set the guide, and clear up again; from memory. */
    public const SET_UP_MINUTES = 3;

    /** @param  float  $stonesSeconds  at the stones alone: strokes and changes */
    public function __construct(private float $stonesSeconds)
    {
    }

    public function minutes(): int
    {
        return self::SET_UP_MINUTES + (int) ceil($this->stonesSeconds / 60);
    }

    /** As in “4 min: 3 to set up, 49 s at the stones”. */
    public function says(): string
    {
        $stones =
            $this->stonesSeconds < 60
                ? max(1, (int) round($this->stonesSeconds)).' s'
                : (string) (int) ceil($this->stonesSeconds / 60);

        return "{$this->minutes()} min: ".self::SET_UP_MINUTES." to set up, $stones at the stones";
    }
}
