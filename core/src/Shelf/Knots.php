<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

use JackRest\Core\Labelled;

enum Knots: string implements Labelled
{
    case None = 'none';
    case Clear = 'clear';
    case InTheWay = 'in-the-way';

    public function label(): string
    {
        return match ($this) {
            self::None => 'none',
            self::Clear => 'some, and they can be cut clear of',
            self::InTheWay => 'in the way: they would lie in the piece',
        };
    }
}
