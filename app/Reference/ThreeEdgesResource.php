<?php

declare(strict_types=1);

namespace App\Reference;

use App\Http\Answer\InstrumentAnswer;
use App\Http\Answer\NextAnswer;
use App\Reference\Answer\FoundEdgeAnswer;
use App\Reference\Answer\ThreeEdgesPageAnswer;
use App\Reference\Answer\ThreeEdgesPreviewAnswer;
use App\Reference\Answer\ThreeEdgesRowAnswer;
use App\Reference\Answer\ThreeEdgesRowReadAnswer;
use App\Reference\Answer\ThreeEdgesSheetAnswer;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\EdgeFound;
use JackRest\Core\Truing\Instrument;
use JackRest\Desk\Reference\Straightedge\ThreeEdgesForm;

/** Three edges against each other: what a test begins with, and what the readings make. */
final class ThreeEdgesResource
{
    /** Places along a usual straightedge, a thin shaving, what joinery bears; common practice. */
    private const PLACES_MM = [0.0, 225.0, 450.0, 675.0, 900.0];

    private const SHAVING_MM = 0.05;

    private const TOLERANCE_MM = 0.1;

    public static function page(LengthFormatter $format): ThreeEdgesPageAnswer
    {
        return new ThreeEdgesPageAnswer(
            sheet: new ThreeEdgesSheetAnswer(
                shaving: $format->typed(self::SHAVING_MM),
                tolerance: $format->typed(self::TOLERANCE_MM),
                instrument: Instrument::Feeler->value,
                rows: array_map(
                    static fn (float $at): ThreeEdgesRowAnswer => new ThreeEdgesRowAnswer(
                        $format->typed($at),
                        ...array_fill_keys(ThreeEdgesForm::COLUMNS, ''),
                    ),
                    self::PLACES_MM,
                ),
            ),
            instruments: InstrumentAnswer::all($format),
        );
    }

    public static function preview(ThreeEdgesForm $sheet, LengthFormatter $format): ThreeEdgesPreviewAnswer
    {
        return new ThreeEdgesPreviewAnswer(
            readings: $sheet->readings,
            rows: array_map(
                static fn (array $row): ThreeEdgesRowReadAnswer => new ThreeEdgesRowReadAnswer(...$row),
                $sheet->rows,
            ),
            stationsMm: $sheet->test->stationsMm ?? [],
            edges: array_map(
                static fn (EdgeFound $edge, string $name): FoundEdgeAnswer => self::edge($edge, $name, $sheet, $format),
                $sheet->edges(),
                array_slice(ThreeEdgesForm::EDGES, 0, count($sheet->edges())),
            ),
            inconsistency: $sheet->result?->inconsistencyMm === null
                ? null
                : $format->small($sheet->result->inconsistencyMm),
            next: NextAnswer::of($sheet->next()),
            how: $sheet->explained(),
        );
    }

    private static function edge(
        EdgeFound $edge,
        string $name,
        ThreeEdgesForm $sheet,
        LengthFormatter $format,
    ): FoundEdgeAnswer {
        return new FoundEdgeAnswer(
            name: $name,
            removeMm: $edge->removeMm,
            straightness: $format->small($edge->straightnessMm).' ± '.$format->small($sheet->uncertaintyMm()),
            removeMost: $format->small(max([0.0, ...$edge->removeMm])),
            verdict: $sheet->verdict($edge),
        );
    }
}
