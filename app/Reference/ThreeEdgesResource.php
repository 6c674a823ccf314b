<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use App\Http\Answer\InstrumentAnswer;
use App\Http\Answer\NamedAnswer;
use App\Http\Answer\ReferenceNextAnswer;
use App\Reference\Answer\FoundEdgeAnswer;
use App\Reference\Answer\ThreeEdgesPageAnswer;
use App\Reference\Answer\ThreeEdgesPreviewAnswer;
use App\Reference\Answer\ThreeEdgesRowAnswer;
use App\Reference\Answer\ThreeEdgesRowReadAnswer;
use App\Reference\Answer\ThreeEdgesTypedAnswer;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\EdgeFound;
use JackRest\Core\Truing\Instrument;
use JackRest\Desk\Reference\ReferenceKind;
use JackRest\Desk\Reference\Straightedge\ThreeEdgesForm;
use JackRest\Desk\Reference\Straightedge\ThreePairs;

/** Three edges against each other: what a test begins with, and what the readings make. */
final class ThreeEdgesResource
{
    /** Places along a usual straightedge, a thin shaving, what joinery bears; common practice. */
    private const PLACES_MM = [0.0, 225.0, 450.0, 675.0, 900.0];

    private const SHAVING_MM = 0.05;

    private const TOLERANCE_MM = 0.1;

    public static function page(Bench $bench, LengthFormatter $format): ThreeEdgesPageAnswer
    {
        return new ThreeEdgesPageAnswer(
            typed: new ThreeEdgesTypedAnswer(
                shaving: $format->typed(self::SHAVING_MM),
                tolerance: $format->typed(self::TOLERANCE_MM),
                instrument: Instrument::Feeler->value,
                references: [0, 0, 0],
                rows: array_map(
                    static fn (float $at): ThreeEdgesRowAnswer => new ThreeEdgesRowAnswer(
                        $format->typed($at),
                        ...array_fill_keys(ThreePairs::COLUMNS, ''),
                    ),
                    self::PLACES_MM,
                ),
            ),
            instruments: InstrumentAnswer::all($format),
            straightedges: array_map(
                static fn (Reference $one): NamedAnswer => new NamedAnswer($one->id, $one->name),
                array_values(
                    Reference::of($bench)->where('kind', ReferenceKind::Straightedge)->orderBy('name')->get()->all(),
                ),
            ),
        );
    }

    /** @param  array<int, Reference>  $references  those that are on the list, by their place */
    public static function preview(
        ThreeEdgesForm $form,
        array $references,
        LengthFormatter $format,
    ): ThreeEdgesPreviewAnswer {
        return new ThreeEdgesPreviewAnswer(
            readings: $form->readings,
            rows: array_map(
                static fn (array $row): ThreeEdgesRowReadAnswer => new ThreeEdgesRowReadAnswer(...$row),
                $form->pairs->rows,
            ),
            stationsMm: $form->test->stationsMm ?? [],
            edges: array_map(
                static fn (EdgeFound $edge, string $name): FoundEdgeAnswer => self::edge($edge, $name, $form, $format),
                $form->edges(),
                array_slice(ThreeEdgesForm::EDGES, 0, count($form->edges())),
            ),
            inconsistency: $form->result?->inconsistencyMm === null
                ? null
                : $format->small($form->result->inconsistencyMm),
            next: ReferenceNextAnswer::of($form->next()),
            canRecord: $references !== [] && $form->ofOne(0) !== null,
            work: isset($references[$form->worst() ?? -1]) && $form->strokes() !== [] ? 'plane' : null,
            how: $form->explained(),
        );
    }

    private static function edge(
        EdgeFound $edge,
        string $name,
        ThreeEdgesForm $form,
        LengthFormatter $format,
    ): FoundEdgeAnswer {
        return new FoundEdgeAnswer(
            name: $name,
            removeMm: $edge->removeMm,
            straightness: $format->small($edge->straightnessMm).' ± '.$format->small($form->uncertaintyMm()),
            removeMost: $format->small(max([0.0, ...$edge->removeMm])),
            verdict: $form->verdict($edge),
        );
    }
}
