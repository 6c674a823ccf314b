<?php

declare(strict_types=1);

namespace JackRest\Core\EdgeHistory;

use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Labelled;

/** What a test of an edge showed: the light line, and end grain. Common practice. */
enum TestFound: string implements Labelled
{
    case NoLine = 'no-line';
    case Clean = 'clean';
    case Pale = 'pale';
    case Line = 'line';
    case Crushed = 'crushed';
    case Spots = 'spots';

    public function label(): string
    {
        return match ($this) {
            self::NoLine => 'nothing shows against the light',
            self::Clean => 'end grain is cut clean and dark',
            self::Pale => 'end grain turns pale',
            self::Line => 'a bright line shows',
            self::Crushed => 'end grain is crushed',
            self::Spots => 'bright spots show',
        };
    }

    /** Null: sharp. */
    public function need(): ?EdgeNeed
    {
        return match ($this) {
            self::NoLine, self::Clean => null,
            self::Pale => EdgeNeed::TouchUp,
            self::Line, self::Crushed => EdgeNeed::Dull,
            self::Spots => EdgeNeed::Nicked,
        };
    }
}
