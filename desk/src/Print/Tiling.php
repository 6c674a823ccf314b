<?php

declare(strict_types=1);

namespace JackRest\Desk\Print;

/**
 * A drawing larger than a sheet, printed at true size on several: cut along the frames, laid edge to edge by the
 * diamonds, each half on one sheet.
 *
 * Every sheet has its name, those of its neighbours at their edges, and a line of 100 mm to check it by. Sheets with
 * nothing on them are left out.
 */
final class Tiling
{
    public const WIDTH_MM = Sheet::WIDTH_MM - 2 * Sheet::MARGIN_MM;

    /** Below the frame there is room for the line to check by. */
    public const HEIGHT_MM = Sheet::HEIGHT_MM - 2 * Sheet::MARGIN_MM - 18.0;

    private const DIAMOND_MM = 4.0;

    /**
     * @param  list<Mark>  $marks  mm from the drawing's upper left corner
     * @return list<Tile> row by row
     */
    public static function tiles(string $title, float $width, float $height, array $marks): array
    {
        [$columns, $rows] = [
            max(1, (int) ceil($width / self::WIDTH_MM)),
            max(1, (int) ceil($height / self::HEIGHT_MM)),
        ];
        $tiles = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $window = new Window($column * self::WIDTH_MM, $row * self::HEIGHT_MM, self::WIDTH_MM, self::HEIGHT_MM);
                $shown = self::within($window, $marks);
                if ($shown !== []) {
                    $name = Tile::nameAt($row, $column);
                    $tiles[] = new Tile(
                        $name,
                        $window,
                        new Sheet("$title, sheet $name", [
                            ...self::frame($title, $name, $row, $column, $rows, $columns),
                            ...$shown,
                        ]),
                    );
                }
            }
        }

        return $tiles;
    }

    /**
     * @param  list<Mark>  $marks
     * @return list<Mark> what of them the sheet shows, at its place on the paper
     */
    private static function within(Window $window, array $marks): array
    {
        [$x, $y] = [Sheet::MARGIN_MM - $window->left, Sheet::MARGIN_MM - $window->top];
        $shown = [];
        foreach ($marks as $mark) {
            if ($mark instanceof Text && $window->meets($mark)) {
                $shown[] = new Text($mark->x + $x, $mark->y + $y, $mark->says, $mark->heightMm, $mark->bold);
            }
            foreach ($mark instanceof Trace ? $mark->lines() : ($mark instanceof Line ? [$mark] : []) as $line) {
                $part = $window->clip($line);
                if ($part !== null) {
                    $shown[] = new Line(
                        $part->fromX + $x,
                        $part->fromY + $y,
                        $part->toX + $x,
                        $part->toY + $y,
                        $part->widthMm,
                        $part->dashed,
                    );
                }
            }
        }

        return $shown;
    }

    /** @return list<Mark> */
    private static function frame(string $title, string $name, int $row, int $column, int $rows, int $columns): array
    {
        [$left, $top] = [Sheet::MARGIN_MM, Sheet::MARGIN_MM];
        [$right, $bottom] = [$left + self::WIDTH_MM, $top + self::HEIGHT_MM];
        [$across, $down] = [($left + $right) / 2, ($top + $bottom) / 2];
        $marks = [
            new Line($left, $top, $right, $top, 0.1, true),
            new Line($right, $top, $right, $bottom, 0.1, true),
            new Line($right, $bottom, $left, $bottom, 0.1, true),
            new Line($left, $bottom, $left, $top, 0.1, true),
            ...Sheet::checkLine($left, $bottom + 16),
            new Text(
                $left,
                $bottom + 10,
                "$title, sheet $name of A1 to ".
                    Tile::nameAt($rows - 1, $columns - 1).
                    '. Cut along the frame; the diamonds meet.',
                3,
            ),
        ];
        foreach (
            [
                [$row > 0, $across, $top, Tile::nameAt($row - 1, $column)],
                [$row < $rows - 1, $across, $bottom, Tile::nameAt($row + 1, $column)],
            ] as [$isJoined, $x, $y, $neighbour]
        ) {
            array_push(
                $marks,
                ...$isJoined
                    ? [...self::diamond($x, $y), new Text($x + 6, $y === $top ? $y - 1.5 : $y + 4.0, $neighbour, 3)]
                    : [],
            );
        }
        foreach (
            [
                [$column > 0, $left, $down, Tile::nameAt($row, max(0, $column - 1))],
                [$column < $columns - 1, $right, $down, Tile::nameAt($row, $column + 1)],
            ] as [$isJoined, $x, $y, $neighbour]
        ) {
            array_push(
                $marks,
                ...$isJoined
                    ? [...self::diamond($x, $y), new Text($x === $left ? $x - 7.0 : $x + 1.5, $y + 8, $neighbour, 3)]
                    : [],
            );
        }

        return $marks;
    }

    /** @return list<Line> */
    private static function diamond(float $x, float $y): array
    {
        $half = self::DIAMOND_MM;

        return [
            new Line($x - $half, $y, $x, $y - $half, 0.3),
            new Line($x, $y - $half, $x + $half, $y, 0.3),
            new Line($x + $half, $y, $x, $y + $half, 0.3),
            new Line($x, $y + $half, $x - $half, $y, 0.3),
        ];
    }
}
