<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RecordSquareTestRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Square;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\SquareSheet;
use JackRest\Core\Truing\Verdict;

/** Writes a reversal test down, with the shavings taken after it where they were. */
final class RecordSquareTest
{
    public function __invoke(RecordSquareTestRequest $request, Ledger $ledger, Square $square, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($square, $format);
        $this->refuseIncomplete($sheet);
        $planed = $request->wasPlaned() && $sheet->advice()->takeOff;
        $ledger->record('square-tested', $square->name, $this->sentence($square, $sheet, $planed, $format), function (Changes $changes) use ($square, $sheet, $planed, $request): void {
            $changes->update($square, [
                'tested_length_mm' => $sheet->test?->bladeLengthMm,
                'line_width_mm' => $sheet->test?->lineWidthMm,
                'shaving_mm' => $sheet->test?->shavingMm,
                'tolerance_mm' => $sheet->test?->toleranceMm,
                'instrument' => $request->instrument(),
            ], $request->version());
            $changes->create($square->tests(), $this->values($sheet, $planed, $request));
        });

        return (new ShowSquare)($square->unsetRelation('tests'), $format)->setStatusCode(201);
    }

    private function refuseIncomplete(SquareSheet $sheet): void
    {
        foreach ([...$sheet->readings, 'farGaps' => $sheet->farGaps[0]] as $field => $reading) {
            if ($reading->error !== null) {
                throw InvalidInput::because((string) $field, $reading->error);
            }
        }
        foreach (['shaving' => 'Type how thick one shaving is.', 'tolerance' => 'Type what the work can bear.'] as $field => $message) {
            if ($sheet->readings[$field]->mm === null) {
                throw InvalidInput::because($field, $message);
            }
        }
        if ($sheet->result === null) {
            throw InvalidInput::because('farGaps', $sheet->objection ?? 'Type the gap at the tip first.');
        }
    }

    /** @return array<string, mixed> */
    private function values(SquareSheet $sheet, bool $planed, RecordSquareTestRequest $request): array
    {
        return [
            'tested_at' => $request->testedAt(),
            'readings' => $request->typed(),
            'error_mm' => $sheet->result?->errorMm,
            'uncertainty_mm' => $sheet->result?->expandedUncertaintyMm,
            'lean' => $sheet->result?->lean->value,
            'verdict' => $sheet->result?->verdict,
            'shavings_taken' => $planed ? $sheet->result?->shavings : null,
            'taken_off_at' => $planed ? ($sheet->result?->removeAtHeelMm > 0 ? 'heel' : 'tip') : null,
        ];
    }

    private function sentence(Square $square, SquareSheet $sheet, bool $planed, LengthFormatter $format): string
    {
        $error = $format->small(abs($sheet->result->errorMm ?? 0.0));
        $give = $format->small($sheet->result->expandedUncertaintyMm ?? 0.0);
        $verdict = match ($sheet->result?->verdict) {
            Verdict::Within => 'within tolerance',
            Verdict::Outside => 'outside tolerance',
            default => 'can’t tell',
        };
        $end = ($sheet->result?->removeAtHeelMm > 0) ? 'heel' : 'tip';
        $shavings = $planed ? " Took {$sheet->result?->shavings} shavings off the $end." : '';

        return "Tested the {$square->name}: $error ± $give out, $verdict.$shavings";
    }
}
