<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Answer\DrawnPointAnswer;
use App\Http\Answer\OutlineBodyAnswer;
use App\Http\Answer\OutlineMarkAnswer;
use App\Http\Answer\ToolOutlineAnswer;
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
    public static function of(Outline $outline): ToolOutlineAnswer
    {
        return new ToolOutlineAnswer(
            widthMm: round($outline->width, 1),
            heightMm: round($outline->height, 1),
            bodies: array_map(
                static fn (Path $body): OutlineBodyAnswer => new OutlineBodyAnswer(
                    path: self::path($body),
                    of: $body->material,
                ),
                $outline->bodies,
            ),
            details: array_map(self::path(...), $outline->details),
            edges: array_map(self::path(...), $outline->edges),
            marks: array_map(
                static fn (OutlineMark $mark): OutlineMarkAnswer => new OutlineMarkAnswer(
                    name: $mark->name,
                    from: self::point($mark->from),
                    to: self::point($mark->to),
                ),
                $outline->marks,
            ),
        );
    }

    /** Each node told from the one before, to a tenth of a millimetre: half as long as from the corner. */
    public static function path(Path $path): string
    {
        return implode('', array_map(
            static fn (array $nodes): string => self::nodes($nodes).($path->isClosed ? 'Z' : ''),
            [$path->nodes, ...$path->holeNodes],
        ));
    }

    /** @param  list<Node>  $nodes */
    private static function nodes(array $nodes): string
    {
        // In tenths, so that nothing is lost on the way.
        $x = $y = 0;
        $text = '';
        foreach ($nodes as $index => $node) {
            $numbers = [];
            foreach ($node as $place => $number) {
                $numbers[] = (int) round(10 * $number) - ($place % 2 === 0 ? $x : $y);
            }
            $text .= $index === 0 ? 'M' : (count($node) === 2 ? 'l' : 'c');
            $text .= self::joined($numbers);
            [$dx, $dy] = array_slice($numbers, -2);
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
