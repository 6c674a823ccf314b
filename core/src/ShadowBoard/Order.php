<?php

declare(strict_types=1);

namespace JackRest\Core\ShadowBoard;

/** How kinds keep together on a board, the tidiest first. */
enum Order: string
{
    case RowsOfTheirOwn = 'rows';
    case OneAfterAnother = 'runs';
    case SideBySide = 'sides';
    case Mixed = 'mixed';
    case SmallestFirst = 'smallest';

    public function says(): string
    {
        return match ($this) {
            self::RowsOfTheirOwn => 'Each kind has rows of its own.',
            self::OneAfterAnother => 'The kinds hang one after another, row by row.',
            self::SideBySide => 'Each kind hangs together, beside and below the one before.',
            self::SmallestFirst => 'The smallest hang first, so that as many as possible do.',
            self::Mixed => 'Kinds fill each other’s gaps: it takes the least wall.',
        };
    }
}
