<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** Where a blade sits in a guide: chisels lie deeper than irons, so each has its own calibration. */
enum GuideSeat: string
{
    case Chisel = 'chisel';
    case Iron = 'iron';

    public function label(): string
    {
        return $this === self::Chisel ? 'chisels' : 'plane irons';
    }
}
