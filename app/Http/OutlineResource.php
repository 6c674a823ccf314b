<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Answer\DrawnPointAnswer;
use App\Http\Answer\OutlineMarkAnswer;
use App\Http\Answer\ToolOutlineAnswer;
use JackRest\Core\Outline\Outline;
use JackRest\Core\Outline\OutlineMark;
use JackRest\Core\Outline\Path;

/**
 * A tool's outline, its paths as SVG path data in mm.
 *
 * @phpstan-import-type Point from Path
 */
final class OutlineResource
{
    public static function of(Outline $outline): ToolOutlineAnswer
    {
        return new ToolOutlineAnswer(
            widthMm: round($outline->width, 1),
            heightMm: round($outline->height, 1),
            bodies: array_map(self::path(...), $outline->bodies),
            details: array_map(self::path(...), $outline->details),
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

    public static function path(Path $path): string
    {
        return implode(
            '',
            array_map(
                static fn (array $points): string => 'M'.
                    implode(
                        'L',
                        array_map(
                            static fn (array $point): string => round($point[0], 1).' '.round($point[1], 1),
                            $points,
                        ),
                    ).
                    ($path->isClosed ? 'Z' : ''),
                [$path->points, ...$path->holes],
            ),
        );
    }

    /**
     * @param  Point  $point
     */
    private static function point(array $point): DrawnPointAnswer
    {
        return new DrawnPointAnswer(x: round($point[0], 1), y: round($point[1], 1));
    }
}
