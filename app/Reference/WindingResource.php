<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use App\Http\Answer\NextAnswer;
use App\Kit\ToolStatus;
use App\Reference\Answer\WindingAnswer;
use App\Reference\Answer\WindingPointAnswer;
use App\Reference\Answer\WindingPreviewAnswer;
use App\Reference\Answer\WindingResultAnswer;
use App\Reference\Answer\WindingRowAnswer;
use App\Reference\Answer\WindingRowReadAnswer;
use App\Reference\Answer\WindingSheetAnswer;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\WindingCorner;
use JackRest\Core\Truing\WindingMapResult;
use JackRest\Core\Truing\WindingSticksResult;
use JackRest\Desk\Reference\WindingSticks\WindingForm;

/** A board under winding sticks: what a test begins with, and what the readings make. */
final class WindingResource
{
    /**
     * Before anybody said: sticks of a usual length, a board of a usual size, a shaving, what joinery bears; common
     * practice.
     */
    private const USUAL_MM = [
        'stickLength' => 450.0,
        'boardWidth' => 150.0,
        'at' => 600.0,
        'shaving' => 0.1,
        'tolerance' => 0.3,
    ];

    public static function page(Bench $bench, LengthFormatter $format): WindingAnswer
    {
        $sticks = $bench
            ->tools()
            ->where('kind', 'winding-sticks')
            ->where('status', ToolStatus::Owned)
            ->oldest('id')
            ->first();
        $length = $sticks?->toCore()->sizes()['length'] ?? self::USUAL_MM['stickLength'];

        return new WindingAnswer(
            sticks: $sticks?->name,
            sheet: new WindingSheetAnswer(
                boardWidth: $format->typed(self::USUAL_MM['boardWidth']),
                stickLength: $format->typed($length),
                turned: '',
                shaving: $format->typed(self::USUAL_MM['shaving']),
                tolerance: $format->typed(self::USUAL_MM['tolerance']),
                rows: [new WindingRowAnswer(at: $format->typed(self::USUAL_MM['at']), reading: '')],
            ),
        );
    }

    public static function preview(WindingForm $sheet, LengthFormatter $format): WindingPreviewAnswer
    {
        return new WindingPreviewAnswer(
            readings: $sheet->readings,
            rows: array_map(
                static fn (array $row): WindingRowReadAnswer => new WindingRowReadAnswer(...$row),
                $sheet->rows,
            ),
            objection: $sheet->objection,
            result: $sheet->sticks === null || $sheet->map === null
                ? null
                : self::result($sheet->sticks, $sheet->map, $sheet, $format),
            next: NextAnswer::of($sheet->next()),
            how: $sheet->explained(),
        );
    }

    private static function result(
        WindingSticksResult $sticks,
        WindingMapResult $map,
        WindingForm $sheet,
        LengthFormatter $format,
    ): WindingResultAnswer {
        return new WindingResultAnswer(
            twistMm: $sticks->twistMm,
            twist: $format->small(abs($sticks->twistMm)),
            twistDeg: $sticks->twistDeg,
            magnification: LengthFormatter::decimal($sticks->magnification, 1),
            stickError: $sticks->stickErrorMm === null ? null : $format->small(abs($sticks->stickErrorMm)),
            seenMm: $sheet->rows[count($sheet->rows) - 1]['reading']->value ?? 0.0,
            stickLengthMm: $sheet->readings['stickLength']->value ?? 0.0,
            boardWidthMm: $sheet->readings['boardWidth']->value ?? 0.0,
            totalTwist: $format->small($map->totalTwistMm),
            corners: array_map(
                static fn (WindingCorner $corner): WindingPointAnswer => new WindingPointAnswer(
                    atMm: $corner->atMm,
                    side: $corner->side,
                    removeMm: $corner->removeMm,
                    remove: $format->small($corner->removeMm),
                ),
                $map->corners,
            ),
        );
    }
}
