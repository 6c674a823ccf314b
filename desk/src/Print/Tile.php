<?php

declare(strict_types=1);

namespace JackRest\Desk\Print;

/** One sheet of a drawing that takes several: rows by letter, columns by number. */
final readonly class Tile
{
    public function __construct(public string $name, public Window $window, public Sheet $sheet)
    {
    }

    public static function nameAt(int $row, int $column): string
    {
        return ($row < 26 ? '' : chr(ord('A') + intdiv($row, 26) - 1)).chr(ord('A') + $row % 26).($column + 1);
    }
}
