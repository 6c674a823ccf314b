<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

use JackRest\Core\Labelled;

/** What a blank is wanted for, with the usual size of the piece in mm; common practice, no source. */
enum Purpose: string implements Labelled
{
    case Blade = 'blade';
    case Stock = 'stock';
    case Straightedge = 'straightedge';
    case Sticks = 'sticks';
    case Template = 'template';

    public function label(): string
    {
        return match ($this) {
            self::Blade => 'the blade of a square',
            self::Stock => 'the stock of a square',
            self::Straightedge => 'a straightedge',
            self::Sticks => 'a winding stick',
            self::Template => 'a bevel or dovetail template',
        };
    }

    public function usual(): WantedPiece
    {
        return match ($this) {
            self::Blade => new WantedPiece(250.0, 45.0, 8.0),
            self::Stock => new WantedPiece(150.0, 45.0, 22.0),
            self::Straightedge => new WantedPiece(900.0, 50.0, 12.0),
            self::Sticks => new WantedPiece(450.0, 40.0, 14.0),
            self::Template => new WantedPiece(120.0, 50.0, 12.0),
        };
    }
}
