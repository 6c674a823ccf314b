<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RecordReferenceTestRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Reference;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Truing\Reference\TestForm;

/** Writes a reference's test down, with what was taken off after it. */
final class RecordReferenceTest
{
    public function __invoke(RecordReferenceTestRequest $request, Ledger $ledger, Reference $reference, User $user, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($reference, $format);
        $sheet->form()->soundOrRefuse('figures');
        $error = $sheet->errorMm();
        if ($error === null || $sheet->verdict() === null) {
            throw InvalidInput::because('figures', $sheet->next()->says);
        }
        $taken = $request->wasPlaned() ? $sheet->next()->off : null;
        $ledger->record('reference-tested', $reference->name, self::sentence($reference, $sheet, $error, $taken, $format), static function (Changes $changes) use ($reference, $sheet, $error, $taken, $request): void {
            $changes->update($reference, self::kept($reference, $sheet) + ['instrument' => $request->instrument()], $request->version());
            $changes->create($reference->tests(), [
                'tested_at' => Carbon::now()->toIso8601ZuluString(),
                'readings' => $request->typed(),
                'error_mm' => $error,
                'uncertainty_mm' => $sheet->uncertaintyMm(),
                'verdict' => $sheet->verdict(),
                'found' => $sheet->found(),
                'taken' => $taken,
            ]);
        });

        return (new ShowReference)($reference->unsetRelation('tests'), $user, $format)->setStatusCode(201);
    }

    /**
     * The figures that the next test begins with: all but what is read anew each time.
     *
     * @return array<string, mixed>
     */
    private static function kept(Reference $reference, TestForm $sheet): array
    {
        $fields = $reference->fields;
        foreach ($reference->kind->fields() as $field) {
            $value = $sheet->form()->value($field->name);
            if (! $field->isReading && $value !== null) {
                $fields[$field->name] = $value;
            }
        }

        return ['fields' => $fields, 'tolerance_mm' => $fields['tolerance'] ?? $reference->tolerance_mm];
    }

    private static function sentence(Reference $reference, TestForm $sheet, float $error, ?string $taken, LengthFormatter $format): string
    {
        $took = $taken === null ? '' : ' Took '.$taken.'.';

        return "Tested the {$reference->name}: {$format->small(abs($error))} ± {$format->small($sheet->uncertaintyMm())} out, {$sheet->verdict()?->says()}.$took";
    }
}
