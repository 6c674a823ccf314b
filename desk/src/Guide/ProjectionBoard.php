<?php

declare(strict_types=1);

namespace JackRest\Desk\Guide;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Print\Line;
use JackRest\Desk\Print\Sheet;
use JackRest\Desk\Print\Text;

/**
 * A board with a stop for each angle: the guide's front lies against the board's edge, the blade against the stop.
 *
 * Printed at true size on one sheet; lanes stand side by side, a row as high as its longest projection.
 */
final class ProjectionBoard
{
    private const LANE_MM = 30.0;

    private const LANES_A_ROW = 6;

    private const FIRST_ROW_MM = 62.0;

    private const BETWEEN_ROWS_MM = 24.0;

    private const STOP_DEEP_MM = 10.0;

    /**
     * @param  non-empty-list<BoardLane>  $lanes
     *
     * @throws InvalidInput when they do not fit on one sheet
     */
    public static function sheet(string $guide, array $lanes, LengthFormatter $format): Sheet
    {
        $marks = [
            new Text(Sheet::MARGIN_MM, 20, "Projection board for the $guide", 6, true),
            new Text(
                Sheet::MARGIN_MM,
                27,
                'Glue it to a flat board with each heavy line on the board’s edge. Glue a stop beyond each stop line.',
                3,
            ),
            new Text(Sheet::MARGIN_MM, 32, 'Front of the guide against the edge, blade against the stop: clamp.', 3),
            ...Sheet::checkLine(Sheet::MARGIN_MM, 42),
        ];
        $edge = self::FIRST_ROW_MM;
        foreach (array_chunk($lanes, self::LANES_A_ROW) as $row) {
            $marks = [...$marks, ...self::row($row, $edge, $format)];
            $lowest = $edge + self::tallest($row) + self::STOP_DEEP_MM;
            if ($lowest > Sheet::HEIGHT_MM - Sheet::MARGIN_MM) {
                throw InvalidInput::because('stops', 'do not all fit on one sheet: take some off');
            }
            $edge = $lowest + self::BETWEEN_ROWS_MM;
        }

        return new Sheet("Projection board for the $guide", $marks);
    }

    /** @param  non-empty-list<BoardLane>  $row */
    private static function tallest(array $row): float
    {
        return max(array_map(static fn (BoardLane $lane): float => $lane->projectionMm, $row));
    }

    /**
     * @param  non-empty-list<BoardLane>  $lanes
     * @return list<Line|Text>
     */
    private static function row(array $lanes, float $edge, LengthFormatter $format): array
    {
        $width = count($lanes) * self::LANE_MM;
        $marks = [
            new Line(Sheet::MARGIN_MM, $edge, Sheet::MARGIN_MM + $width, $edge, 0.6),
            new Text(Sheet::MARGIN_MM, $edge - 2, 'edge of the board: front of the guide', 2.8),
        ];
        foreach ($lanes as $index => $lane) {
            $marks = [...$marks, ...self::lane($lane, Sheet::MARGIN_MM + $index * self::LANE_MM, $edge, $format)];
        }

        return $marks;
    }

    /** @return list<Line|Text> */
    private static function lane(BoardLane $lane, float $x, float $edge, LengthFormatter $format): array
    {
        $stop = $edge + $lane->projectionMm;
        $right = $x + self::LANE_MM;

        return [
            new Line($x, $edge, $x, $stop + self::STOP_DEEP_MM, 0.15, true),
            new Line($right, $edge, $right, $stop + self::STOP_DEEP_MM, 0.15, true),
            new Line($x, $stop, $right, $stop, 0.4),
            new Line($x, $stop + self::STOP_DEEP_MM, $right, $stop + self::STOP_DEEP_MM, 0.15),
            new Text($x + 2, $edge + 8, LengthFormatter::decimal($lane->angleDeg, 1).'°', 6, true),
            new Text($x + 2, $edge + 13, $lane->for, 2.8),
            new Text($x + 2, $edge + 17, $format->dimension($lane->projectionMm), 2.8),
            new Text($x + 2, $stop + 6, 'stop', 2.8),
        ];
    }
}
