<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Answer\DrawnPointAnswer;
use App\Http\Answer\OutlineBodyAnswer;
use App\Http\Answer\OutlineMarkAnswer;
use App\Http\Answer\ToolOutlineAnswer;
use JackRest\Core\Outline\Material;
use JackRest\Core\Outline\Outline;
use JackRest\Core\Outline\OutlineMark;
use JackRest\Core\Outline\Path;

/**
 * A tool's outline, its paths as SVG path data in mm.
 *
 * @phpstan-import-type Node from Path
 * @phpstan-import-type Point from Path
 */
final class OutlineResource
{
    /** Thinner than this, and a millimetre shows. */
    private const FINE_MM = 20.0;

    /** A curve as short as this, in steps, is told as its chord. */
    private const CHORD = 4;

    /** Where one is drawn large, to a tenth of a millimetre. */
    public static function of(Outline $outline): ToolOutlineAnswer
    {
        return self::drawn($outline, 1, $outline->marks);
    }

    /** One of many on a board, less than half a pixel to the millimetre: to the millimetre, and without its marks. */
    public static function small(Outline $outline): ToolOutlineAnswer
    {
        return self::drawn($outline, min($outline->width, $outline->height) < self::FINE_MM ? 2 : 10, []);
    }

    /**
     * @param  int  $step  what is told of a place, tenths of a millimetre
     * @param  list<OutlineMark>  $marks
     */
    private static function drawn(Outline $outline, int $step, array $marks): ToolOutlineAnswer
    {
        $path = static fn (Path $path): string => self::path($path, $step);

        return new ToolOutlineAnswer(
            widthMm: round($outline->width, 1),
            heightMm: round($outline->height, 1),
            bodies: array_map(
                static fn (Path $body): OutlineBodyAnswer => new OutlineBodyAnswer(
                    path: $path($body),
                    // Most parts are; a board has hundreds.
                    of: $body->material === Material::Steel ? null : $body->material,
                ),
                $outline->bodies,
            ),
            details: array_map($path, $outline->details),
            edges: array_map($path, $outline->edges),
            marks: array_map(
                static fn (OutlineMark $mark): OutlineMarkAnswer => new OutlineMarkAnswer(
                    name: $mark->name,
                    from: self::point($mark->from),
                    to: self::point($mark->to),
                ),
                $marks,
            ),
        );
    }

    /**
     * Each node told from the one before: half as long as from the corner.
     *
     * @param  int  $step  tenths of a millimetre
     */
    public static function path(Path $path, int $step = 1): string
    {
        return implode('', array_map(
            static fn (array $nodes): string => self::nodes($nodes, $step).($path->isClosed ? 'Z' : ''),
            [$path->nodes, ...$path->holeNodes],
        ));
    }

    /** @param  list<Node>  $nodes */
    private static function nodes(array $nodes, int $step): string
    {
        // In tenths, so that nothing is lost on the way.
        $x = $y = 0;
        $text = '';
        foreach ($nodes as $index => $node) {
            /** @var list<int> $numbers */
            $numbers = [];
            foreach ($node as $place => $number) {
                $numbers[] = $step * (int) round(10 * $number / $step) - ($place % 2 === 0 ? $x : $y);
            }
            [$dx, $dy] = array_slice($numbers, -2);
            if (max(abs($dx), abs($dy)) <= self::CHORD * $step) {
                $numbers = [$dx, $dy];
            }
            $text .= match (true) {
                $index === 0 => 'M'.self::joined($numbers),
                count($numbers) === 6 => 'c'.self::joined($numbers),
                $numbers[1] === 0 => 'h'.$numbers[0] / 10,
                $numbers[0] === 0 => 'v'.$numbers[1] / 10,
                default => 'l'.self::joined($numbers),
            };
            [$x, $y] = [$x + $dx, $y + $dy];
        }

        return $text;
    }

    /** @param  list<int>  $tenths */
    private static function joined(array $tenths): string
    {
        $text = '';
        foreach ($tenths as $place => $tenth) {
            // A minus separates as well as a space does.
            $text .= ($place > 0 && $tenth >= 0 ? ' ' : '').$tenth / 10;
        }

        return $text;
    }

    /**
     * @param  Point  $point
     */
    private static function point(array $point): DrawnPointAnswer
    {
        return new DrawnPointAnswer(x: round($point[0], 1), y: round($point[1], 1));
    }
}
