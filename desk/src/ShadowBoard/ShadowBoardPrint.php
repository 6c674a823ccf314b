<?php

declare(strict_types=1);

namespace JackRest\Desk\ShadowBoard;

use JackRest\Core\Outline\Path;
use JackRest\Core\ShadowBoard\Arrangement;
use JackRest\Core\ShadowBoard\Hung;
use JackRest\Core\ShadowBoard\Panel;
use JackRest\Desk\Print\Line;
use JackRest\Desk\Print\Mark;
use JackRest\Desk\Print\Sheet;
use JackRest\Desk\Print\Text;
use JackRest\Desk\Print\Tile;
use JackRest\Desk\Print\Tiling;
use JackRest\Desk\Print\Trace;

/** A shadow board on paper: each outline at true size with its name below, over as many sheets as it takes. */
final class ShadowBoardPrint
{
    private const NAME_MM = 3.0;

    private const LETTER = 0.55;

    private const OVERVIEW_TOP_MM = 42.0;

    private const DETAIL_MM = 0.12;

    private const BODY_MM = 0.35;

    /** The whole board on one sheet of its own size, for a large printer or a cutter. */
    public static function whole(string $title, Panel $panel, Arrangement $arrangement): Sheet
    {
        return new Sheet($title, self::marks($arrangement), $panel->width, $panel->height);
    }

    /** @return list<Tile> */
    public static function tiles(string $title, Panel $panel, Arrangement $arrangement): array
    {
        return Tiling::tiles($title, $panel->width, $arrangement->usedMm, self::marks($arrangement));
    }

    /**
     * The board small, with its sheets and how they lie.
     *
     * @param  list<Tile>  $tiles
     */
    public static function overview(string $title, Panel $panel, Arrangement $arrangement, array $tiles): Sheet
    {
        $left = Sheet::MARGIN_MM;
        $scale = min(
            Tiling::WIDTH_MM / $panel->width,
            (Sheet::HEIGHT_MM - self::OVERVIEW_TOP_MM - Sheet::MARGIN_MM) / $panel->height,
        );
        $small = static fn (Line $line): Line => new Line(
            $left + $line->fromX * $scale,
            self::OVERVIEW_TOP_MM + $line->fromY * $scale,
            $left + $line->toX * $scale,
            self::OVERVIEW_TOP_MM + $line->toY * $scale,
            0.1,
        );
        $lines = array_merge(
            ...array_map(
                static fn (Trace $trace): array => $trace->lines(),
                array_values(
                    array_filter(self::marks($arrangement), static fn (Mark $mark): bool => $mark instanceof Trace),
                ),
            ),
        );
        $edge = new Trace(Path::box(0, 0, $panel->width, $panel->height), 'panel');
        $marks = [
            new Text($left, 20, $title, 7, true),
            new Text(
                $left,
                27,
                sprintf(
                    'How the %d sheets lie on a panel of %s × %s mm. This page is small; the sheets are at true size.',
                    count($tiles),
                    round($panel->width),
                    round($panel->height),
                ),
                3.2,
            ),
            new Text(
                $left,
                33,
                'Lay the upper left corner of sheet A1 on that of the panel. Hold a tool on its outline before you '
                    .'cut or paint.',
                3.2,
            ),
            ...array_map($small, [...$edge->lines(), ...$lines]),
        ];
        foreach ($tiles as $tile) {
            $window = new Trace(
                Path::box(
                    $tile->window->left,
                    $tile->window->top,
                    min($tile->window->width, $panel->width - $tile->window->left),
                    min($tile->window->height, $panel->height - $tile->window->top),
                ),
                'sheet',
            );
            array_push($marks, ...array_map($small, $window->lines()));
            $marks[] = new Text(
                $left + $tile->window->left * $scale + 1.5,
                self::OVERVIEW_TOP_MM + $tile->window->top * $scale + 5,
                $tile->name,
                4,
                true,
            );
        }

        return new Sheet("$title, how the sheets lie", $marks);
    }

    /** @return list<Mark> */
    private static function marks(Arrangement $arrangement): array
    {
        return array_merge([], ...array_map(self::hung(...), $arrangement->hung));
    }

    /** @return list<Mark> */
    private static function hung(Hung $hung): array
    {
        $outline = $hung->placed();
        $trace = static fn (Path $path, float $widthMm): Trace => new Trace($path, "tool-{$hung->tool->id}", $widthMm);
        $name = self::broken($hung->tool->name, max($outline->width, 26.0));

        return [
            ...array_map(static fn (Path $path): Trace => $trace($path, self::BODY_MM), $outline->bodies),
            ...array_map(static fn (Path $path): Trace => $trace($path, self::DETAIL_MM), $outline->details),
            ...array_map(
                static fn (string $line, int $at): Text => new Text(
                    $hung->x,
                    $hung->y + $outline->height + 4 + 3.4 * $at,
                    $line,
                    self::NAME_MM,
                ),
                $name,
                array_keys($name),
            ),
        ];
    }

    /** @return list<string> at most two lines, about as wide as the tool */
    private static function broken(string $name, float $width): array
    {
        $lines = explode("\n", wordwrap($name, max(8, (int) floor($width / (self::NAME_MM * self::LETTER)))));

        return count($lines) <= 2 ? $lines : [$lines[0], $lines[1].' …'];
    }
}
