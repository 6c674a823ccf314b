<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

/** Whether a blank is for the piece that is wanted. */
enum Fitness: string
{
    case Good = 'good';
    case Doubtful = 'doubtful';
    case Unfit = 'unfit';

    public function rank(): int
    {
        return match ($this) {
            self::Good => 0,
            self::Doubtful => 1,
            self::Unfit => 2,
        };
    }
}
