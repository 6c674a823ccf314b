<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RecordStraightTestRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Straight;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\StraightSheet;
use JackRest\Core\Truing\Verdict;

/** Writes a straightedge's test down, with the strokes taken after it where they were. */
final class RecordStraightTest
{
    public function __invoke(RecordStraightTestRequest $request, Ledger $ledger, Straight $straight, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($straight, $format);
        self::refuseIncomplete($sheet);
        $strokes = $request->wasPlaned() && $sheet->advice()->takeOff ? $sheet->map()?->passCount : null;
        $ledger->record('straight-tested', $straight->name, self::sentence($straight, $sheet, $strokes, $format), static function (Changes $changes) use ($straight, $sheet, $strokes, $request): void {
            $changes->update($straight, [
                'line_width_mm' => $sheet->readings['lineWidth']->mm ?? 0.0,
                'shaving_mm' => $sheet->readings['shaving']->mm,
                'tolerance_mm' => $sheet->readings['tolerance']->mm,
                'instrument' => $request->instrument(),
                // What is planed off is gone: the wood grows lower by the deepest of it.
                ...($strokes === null || $straight->height_mm === null ? [] : ['height_mm' => $sheet->heightLeftMm()]),
            ], $request->version());
            $changes->create($straight->tests(), [
                'tested_at' => Carbon::now()->toIso8601ZuluString(),
                'readings' => [...$request->typed(), 'stationsMm' => $sheet->test?->stationsMm, 'deviationMm' => $sheet->result?->deviationMm, 'shavings' => $strokes === null ? null : $sheet->map()?->shavings],
                'straightness_mm' => $sheet->result?->straightnessMm,
                'uncertainty_mm' => $sheet->uncertaintyMm,
                'shape' => $sheet->result?->shape,
                'verdict' => $sheet->verdict(),
                'strokes_taken' => $strokes,
            ]);
        });

        return (new ShowStraight)($straight->unsetRelation('tests'), $format)->setStatusCode(201);
    }

    private static function refuseIncomplete(StraightSheet $sheet): void
    {
        foreach ($sheet->rows as $index => $row) {
            foreach ($row as $name => $reading) {
                if ($reading->error !== null) {
                    throw InvalidInput::because("rows[$index].$name", $reading->error);
                }
            }
        }
        foreach (['shaving' => 'Type how thick one shaving is.', 'tolerance' => 'Type what the work can bear.', 'lineWidth' => null] as $field => $missing) {
            $reading = $sheet->readings[$field];
            if ($reading->error !== null || ($reading->mm === null && $missing !== null)) {
                throw InvalidInput::because($field, $reading->error ?? (string) $missing);
            }
        }
        if ($sheet->result === null) {
            throw InvalidInput::because('rows', $sheet->objection ?? 'Type the gap at three places at least, ends included.');
        }
    }

    private static function sentence(Straight $straight, StraightSheet $sheet, ?int $strokes, LengthFormatter $format): string
    {
        $verdict = match ($sheet->verdict()) {
            Verdict::Within => 'within tolerance',
            Verdict::Outside => 'outside tolerance',
            default => 'can’t tell',
        };
        $taken = $strokes === null ? '' : ($strokes === 1 ? ' Took 1 stroke.' : " Took $strokes strokes.");

        return "Tested the {$straight->name}: straight to {$format->small($sheet->result->straightnessMm ?? 0.0)} ± {$format->small($sheet->uncertaintyMm)}, $verdict.$taken";
    }
}
