<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Labelled;

/** What a blade is made of, as far as it matters to its edge; common practice. */
enum Steel: string implements Labelled
{
    case Carbon = 'carbon';
    case Alloy = 'alloy';
    case Powder = 'powder';
    case Laminated = 'laminated';
    case Unknown = 'unknown';

    public function label(): string
    {
        return match ($this) {
            self::Carbon => 'plain carbon steel',
            self::Alloy => 'tough alloy steel',
            self::Powder => 'powder-metal steel',
            self::Laminated => 'hard steel laminated to soft iron',
            self::Unknown => 'steel not known',
        };
    }

    /** Tough alloys want a somewhat steeper edge or they crumble; common practice, the figure from memory. */
    public function steeperDeg(): float
    {
        return $this === self::Alloy || $this === self::Powder ? 3.0 : 0.0;
    }
}
