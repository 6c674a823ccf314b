<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use App\Http\Answer\NamedAnswer;
use App\Http\Answer\ReferenceNextAnswer;
use App\Reference\Answer\WindingAnswer;
use App\Reference\Answer\WindingPointAnswer;
use App\Reference\Answer\WindingPreviewAnswer;
use App\Reference\Answer\WindingResultAnswer;
use App\Reference\Answer\WindingRowAnswer;
use App\Reference\Answer\WindingRowReadAnswer;
use App\Reference\Answer\WindingTypedAnswer;
use App\Tool\Tool;
use App\Tool\ToolStatus;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\WindingCorner;
use JackRest\Core\Truing\WindingMapResult;
use JackRest\Core\Truing\WindingSticksResult;
use JackRest\Desk\Reference\ReferenceKind;
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
        $sticks = Tool::of($bench)
            ->where('kind', 'winding-sticks')
            ->where('status', ToolStatus::Owned)
            ->oldest('id')
            ->first();
        $length = $sticks?->toCore()->sizes()['length'] ?? self::USUAL_MM['stickLength'];

        return new WindingAnswer(
            sticks: $sticks?->name,
            boards: array_map(
                static fn (Reference $one): NamedAnswer => new NamedAnswer($one->id, $one->name),
                array_values(Reference::of($bench)->where('kind', ReferenceKind::Board)->orderBy('name')->get()->all()),
            ),
            typed: new WindingTypedAnswer(
                boardWidth: $format->typed(self::USUAL_MM['boardWidth']),
                stickLength: $format->typed($length),
                turned: '',
                shaving: $format->typed(self::USUAL_MM['shaving']),
                tolerance: $format->typed(self::USUAL_MM['tolerance']),
                board: 0,
                rows: [new WindingRowAnswer(at: $format->typed(self::USUAL_MM['at']), reading: '')],
            ),
        );
    }

    /**
     * What the sticks' own error may be over their length, mm: by the last test of the bench's own; null: none was
     * tested.
     */
    public static function sticksMm(Bench $bench): ?float
    {
        $least = null;
        foreach (Reference::of($bench)->where('kind', ReferenceKind::Sticks)->with('tests')->get() as $sticks) {
            $test = $sticks->tests->last();
            $mm = $test === null ? INF : abs($test->error_mm) + $test->uncertainty_mm;
            $least = min($least ?? INF, $mm);
        }

        return $least === null || is_infinite($least) ? null : $least;
    }

    /** @param  Reference|null  $board  on the list; null: it is not */
    public static function preview(
        WindingForm $form,
        ?Reference $board,
        LengthFormatter $format,
    ): WindingPreviewAnswer {
        return new WindingPreviewAnswer(
            readings: $form->readings,
            rows: array_map(
                static fn (array $row): WindingRowReadAnswer => new WindingRowReadAnswer(...$row),
                $form->rows,
            ),
            objection: $form->objection,
            result: $form->sticks === null || $form->map === null
                ? null
                : self::result($form->sticks, $form->map, $form, $format),
            next: ReferenceNextAnswer::of($form->next()),
            canRecord: $board !== null && $form->ofBoard() !== null,
            work: $board !== null && $form->strokes() !== [] ? 'plane' : null,
            how: $form->explained(),
        );
    }

    private static function result(
        WindingSticksResult $sticks,
        WindingMapResult $map,
        WindingForm $form,
        LengthFormatter $format,
    ): WindingResultAnswer {
        return new WindingResultAnswer(
            twistMm: $sticks->twistMm,
            twist: $format->small(abs($sticks->twistMm)),
            twistDeg: $sticks->twistDeg,
            magnification: LengthFormatter::decimal($sticks->magnification, 1),
            stickError: $sticks->stickErrorMm === null ? null : $format->small(abs($sticks->stickErrorMm)),
            seenMm: $form->rows[count($form->rows) - 1]['reading']->value ?? 0.0,
            stickLengthMm: $form->readings['stickLength']->value ?? 0.0,
            boardWidthMm: $form->readings['boardWidth']->value ?? 0.0,
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
