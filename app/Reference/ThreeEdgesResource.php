<?php

declare(strict_types=1);

namespace App\Reference;

use App\Http\FieldResource;
use App\Http\Shared;
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

    /** @return array<string, mixed> */
    public static function page(LengthFormatter $format): array
    {
        return [
            'sheet' => [
                'shaving' => $format->typed(self::SHAVING_MM),
                'tolerance' => $format->typed(self::TOLERANCE_MM),
                'instrument' => Instrument::Feeler->value,
                'rows' => array_map(
                    static fn (float $at): array => [
                        'at' => $format->typed($at),
                        ...array_fill_keys(ThreeEdgesForm::COLUMNS, ''),
                    ],
                    self::PLACES_MM,
                ),
            ],
            'instruments' => Shared::instruments($format),
        ];
    }

    /** @return array<string, mixed> */
    public static function preview(ThreeEdgesForm $sheet, LengthFormatter $format): array
    {
        return [
            'readings' => array_map(FieldResource::reading(...), $sheet->readings),
            'rows' => array_map(
                static fn (array $row): array => array_map(FieldResource::reading(...), $row),
                $sheet->rows,
            ),
            'stationsMm' => $sheet->test->stationsMm ?? [],
            'edges' => array_map(
                static fn (EdgeFound $edge, string $name): array => self::edge($edge, $name, $sheet, $format),
                $sheet->edges(),
                array_slice(ThreeEdgesForm::EDGES, 0, count($sheet->edges())),
            ),
            'inconsistency' => $sheet->result?->inconsistencyMm === null
                    ? null
                    : $format->small($sheet->result->inconsistencyMm),
            'next' => Shared::advice($sheet->next()),
            'how' => Shared::how($sheet->explained()),
        ];
    }

    /** @return array<string, mixed> */
    private static function edge(
        EdgeFound $edge,
        string $name,
        ThreeEdgesForm $sheet,
        LengthFormatter $format,
    ): array {
        return [
            'name' => $name,
            'removeMm' => $edge->removeMm,
            'straightness' => $format->small($edge->straightnessMm).' ± '.$format->small($sheet->uncertaintyMm()),
            'removeMost' => $format->small(max([0.0, ...$edge->removeMm])),
            'verdict' => $sheet->verdict($edge)?->value,
        ];
    }
}
