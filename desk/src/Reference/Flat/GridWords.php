<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference\Flat;

use JackRest\Core\Truing\Flat\Grid;
use JackRest\Core\Truing\Flat\GridLine;

/** Where the places and the lines of a grid lie. */
final readonly class GridWords
{
    public function __construct(private Grid $grid)
    {
    }

    public function place(int $node): string
    {
        [$x, $y] = $this->grid->place($node);
        $side = $x < -0.34 ? 'left' : ($x > 0.34 ? 'right' : '');
        $end = $y < -0.34 ? 'near end' : ($y > 0.34 ? 'far end' : 'middle');

        return $side === '' ? "the $end" : ($end === 'middle' ? "the $side side" : "the $end, $side");
    }

    public function line(GridLine $line): string
    {
        [$way, $number] = explode('-', $line->id);

        return match ($way) {
            'diagonal' => $number === '0' ? 'diagonally from the near left' : 'diagonally from the near right',
            'along' => $this->along((int) $number),
            default => $this->across((int) $number),
        };
    }

    private function along(int $column): string
    {
        $last = $this->grid->across - 1;

        return match (true) {
            $column === 0 => 'along the left side',
            $column === $last => 'along the right side',
            2 * $column === $last => 'along the middle',
            2 * $column < $last => 'along, left of the middle',
            default => 'along, right of the middle',
        };
    }

    private function across(int $row): string
    {
        $last = $this->grid->along - 1;

        return match (true) {
            $row === 0 => 'across the near end',
            $row === $last => 'across the far end',
            2 * $row === $last => 'across the middle',
            default => 'across, '.round($this->grid->placeMm($row * $this->grid->across)[1]).' mm from near',
        };
    }
}
