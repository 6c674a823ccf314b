<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

use JackRest\Core\Labelled;

/** How the grain of a blank runs, as its face shows it. */
enum Figured: string implements Labelled
{
    case Straight = 'straight';
    case Slight = 'slight';
    case Wild = 'wild';

    public function label(): string
    {
        return match ($this) {
            self::Straight => 'straight and even',
            self::Slight => 'some figure',
            self::Wild => 'wild: curl, burl, roey grain',
        };
    }
}
