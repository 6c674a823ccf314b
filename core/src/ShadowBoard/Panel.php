<?php

declare(strict_types=1);

namespace JackRest\Core\ShadowBoard;

/** The panel that tools hang on, mm; `room` is what a hand needs between two of them. */
final readonly class Panel
{
    public function __construct(public float $width, public float $height, public float $room)
    {
    }
}
