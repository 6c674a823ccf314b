<?php

declare(strict_types=1);

namespace App\Print;

use Illuminate\Http\Response;
use JackRest\Core\Outline\Path;
use JackRest\Desk\Making\View;

/** Views as bare lines in mm for other programs, in the drawing exchange format (R12), with a check line of 100 mm. */
final class DxfSheet
{
    private const BETWEEN_MM = 20.0;

    private const CHECK_MM = 100.0;

    /** @param  non-empty-list<View>  $views */
    public static function answer(array $views, string $name): Response
    {
        return new Response(self::write($views), 200, [
            'Content-Type' => 'image/vnd.dxf',
            'Content-Disposition' => "attachment; filename=\"$name.dxf\"",
        ]);
    }

    /** @param  list<View>  $views */
    public static function write(array $views): string
    {
        $lines = '';
        $down = 0.0;
        foreach ($views as $view) {
            foreach ([['SEEN', $view->seen], ['HIDDEN', $view->hidden]] as [$layer, $paths]) {
                foreach ($paths as $path) {
                    $lines .= self::path($path, $layer, $down);
                }
            }
            $down += $view->height + self::BETWEEN_MM;
        }
        $lines .= self::line('CHECK 100 MM', [0.0, -$down], [self::CHECK_MM, -$down]);

        // $INSUNITS 4: millimetres.
        $header = "0\nSECTION\n2\nHEADER\n9\n\$INSUNITS\n70\n4\n0\nENDSEC\n";

        return "{$header}0\nSECTION\n2\nENTITIES\n{$lines}0\nENDSEC\n0\nEOF\n";
    }

    private static function path(Path $path, string $layer, float $down): string
    {
        $lines = '';
        $points = $path->isClosed ? [...$path->points, $path->points[0]] : $path->points;
        for ($at = 1; $at < count($points); $at++) {
            $lines .= self::line(
                $layer,
                [(float) $points[$at - 1][0], -$points[$at - 1][1] - $down],
                [(float) $points[$at][0], -$points[$at][1] - $down],
            );
        }

        return $lines;
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private static function line(string $layer, array $from, array $to): string
    {
        return sprintf(
            "0\nLINE\n8\n%s\n10\n%.4F\n20\n%.4F\n11\n%.4F\n21\n%.4F\n",
            str_replace(' ', '_', $layer),
            $from[0],
            $from[1],
            $to[0],
            $to[1],
        );
    }
}
