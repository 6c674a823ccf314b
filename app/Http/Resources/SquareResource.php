<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Square;
use App\Models\User;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\ShavingPass;
use JackRest\Core\Truing\SquareAtWork;
use JackRest\Desk\Form\Reading;
use JackRest\Desk\Truing\SquareForm;

/** A square on its own page, and under test. */
final class SquareResource
{
    /** Width of the work where nobody said: a hive body's end, or a drawer. */
    private const USUAL_WORK_MM = 300.0;

    /** @return array<string, mixed> */
    public static function page(Square $square, User $user, LengthFormatter $format): array
    {
        return [
            'square' => [
                'id' => $square->id,
                'version' => $square->version,
                'name' => $square->name,
                'says' => $square->says,
                'bladeMm' => $square->blade_mm,
                'bladeWidthMm' => $square->blade_width_mm,
                'stockMm' => $square->stock_mm,
                'stockWidthMm' => $square->stock_width_mm,
                'due' => $square->due(),
            ],
            'fields' => [
                'length' => $format->typed($square->tested_length_mm),
                'lineWidth' => $format->typed($square->line_width_mm),
                'shaving' => $format->typed($square->shaving_mm),
                'tolerance' => $format->typed($square->tolerance_mm),
                'width' => $format->typed(round($square->blade_width_mm, 2)),
                'least' => $square->least_mm === null ? '' : $format->typed($square->least_mm),
            ],
            'metal' => $square->metal,
            'instrument' => ($user->instrument ?? $square->instrument)->value,
            'instruments' => Shared::instruments($format),
            'history' => HistoryResource::of($square, $format),
        ];
    }

    /** @return array<string, mixed> */
    public static function preview(SquareForm $sheet, string $workWidth, ?float $learntMm, LengthFormatter $format): array
    {
        $work = Reading::length($workWidth, $format)->within(1, 5000, 'Work marked with a square is between 1 and 5000 mm wide.');
        $advice = $sheet->next();
        $result = $sheet->result;

        return [
            'readings' => array_map(FieldResource::reading(...), $sheet->readings),
            'farGaps' => array_map(FieldResource::reading(...), $sheet->farGaps),
            'objection' => $sheet->objection,
            'result' => $result === null ? null : [
                'errorMm' => $result->errorMm,
                'uncertaintyMm' => $result->expandedUncertaintyMm,
                'lean' => $result->lean->value,
                'verdict' => $result->verdict?->value,
                'removeAtHeelMm' => $result->removeAtHeelMm,
                'removeAtTipMm' => $result->removeAtTipMm,
                'shavings' => $result->shavings,
                'lengthMm' => $sheet->test->bladeLengthMm ?? 0.0,
                'error' => $format->small(abs($result->errorMm)),
                'parted' => $format->small(abs(2 * $result->errorMm)),
                'length' => $format->dimension($sheet->test->bladeLengthMm ?? 0.0),
            ],
            'workWidth' => FieldResource::reading($work),
            'atWork' => $result === null || $sheet->test === null ? [] : [
                (new SquareAtWork($result->errorDeg, $work->value ?? self::USUAL_WORK_MM))->sentence($format),
                ...($sheet->isMetal ? [SquareAtWork::grade($sheet->test->bladeLengthMm, $result->errorMm)] : []),
            ],
            'standing' => $advice->far,
            'next' => Shared::stroke($advice),
            'learnt' => Shared::learnt($learntMm, $format),
            'canCount' => $sheet->strokes() !== [],
            'strokes' => array_map(static fn (ShavingPass $pass): array => [
                'fromMm' => $pass->fromMm,
                'toMm' => $pass->toMm,
                'says' => $format->dimension($pass->lengthMm()),
            ], $sheet->strokes()),
            'how' => Shared::how($sheet->explained()),
        ];
    }
}
