<?php

declare(strict_types=1);

namespace JackRest\Desk\Edge;

use JackRest\Core\Edge\CamberStrokesResult;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Path;
use JackRest\Desk\Print\Line;
use JackRest\Desk\Print\Sheet;
use JackRest\Desk\Print\Text;
use JackRest\Desk\Print\Trace;

/** The curve of an iron on paper at true size, to scribe or to hold the iron against. */
final class CurvePrint
{
    private const CHORDS = 60;

    private const TOP_MM = 70.0;

    private const BODY_MM = 60.0;

    public static function sheet(
        string $edge,
        float $widthMm,
        CamberStrokesResult $curve,
        LengthFormatter $format,
    ): Sheet {
        $middle = Sheet::WIDTH_MM / 2;
        [$left, $right] = [$middle - $widthMm / 2, $middle + $widthMm / 2];
        $arc = array_map(static function (int $chord) use ($widthMm, $curve, $left): array {
            $x = ($widthMm * $chord) / self::CHORDS;
            $off = $x - $widthMm / 2;

            return [
                $left + $x,
                self::TOP_MM + $off ** 2 / ($curve->radiusMm + sqrt($curve->radiusMm ** 2 - $off ** 2)),
            ];
        }, range(0, self::CHORDS));

        return new Sheet("Curve for the $edge", [
            new Text(Sheet::MARGIN_MM, 20, "Curve for the $edge", 6, true),
            new Text(
                Sheet::MARGIN_MM,
                27,
                'Radius '.
                    $format->dimension(round($curve->radiusMm)).
                    ', corners '.
                    $format->small($curve->sagMm).
                    ' back. Lay the iron on it, or cut it out as a template.',
                3.2,
            ),
            ...Sheet::checkLine(Sheet::MARGIN_MM, 40),
            new Trace(Path::open(...$arc), 'curve', 0.2),
            new Line($left, self::TOP_MM + $curve->sagMm, $left, self::TOP_MM + self::BODY_MM, 0.2),
            new Line($right, self::TOP_MM + $curve->sagMm, $right, self::TOP_MM + self::BODY_MM, 0.2),
            new Line($left - 8, self::TOP_MM, $right + 8, self::TOP_MM, 0.1, true),
            new Text($right + 10, self::TOP_MM + 1, 'straight', 3),
        ]);
    }
}
