<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KnownSquares;
use App\Http\Requests\KnownSheetRequest;
use App\Http\Resources\KnownResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Truing\Compared;
use JackRest\Desk\Truing\KnownSquareForm;

/** Writes the whole sheet down at once: a test of every square that was read. */
final class RecordKnown
{
    public function __invoke(KnownSheetRequest $request, Ledger $ledger, User $user, LengthFormatter $format): JsonResponse
    {
        $squares = new KnownSquares($ledger->bench);
        $sheet = $request->sheet($squares, $format);
        $rows = $request->rows($squares);
        $read = self::read($sheet);
        $names = implode(', ', array_map(static fn (Compared $row): string => "{$row->name} {$format->small(abs((float) $row->errorMm))} ± {$format->small($row->uncertaintyMm)} out, {$row->verdict?->says()}", $read));
        $ledger->record('squares-compared', $sheet->known->name, "Compared with the {$sheet->known->name}: $names.", static function (Changes $changes) use ($rows, $read, $sheet): void {
            foreach ($read as $index => $row) {
                $changes->create($rows[$index]['square']->tests(), [
                    'tested_at' => Carbon::now()->toIso8601ZuluString(),
                    'readings' => ['against' => $sheet->known->name, 'gap' => $row->gap->typed, 'at' => $rows[$index]['atTip'] ? 'tip' : 'heel'],
                    'error_mm' => $row->errorMm,
                    'uncertainty_mm' => $row->uncertaintyMm,
                    'lean' => $row->lean()?->value,
                    'verdict' => $row->verdict,
                    'edge' => 'outer',
                ]);
            }
        });

        return new JsonResponse(KnownResource::page(new KnownSquares($ledger->bench), $user, $format), 201);
    }

    /**
     * @return non-empty-array<int, Compared> rows with a result, by their place
     *
     * @throws InvalidInput when a gap is wrong, or none is typed
     */
    private static function read(KnownSquareForm $sheet): array
    {
        $wrong = $read = [];
        foreach ($sheet->rows as $index => $row) {
            if ($row->gap->error !== null) {
                $wrong[] = new FieldError("rows[$index].gap", $row->gap->error);
            }
            if ($row->errorMm !== null) {
                $read[$index] = $row;
            }
        }
        if ($wrong !== []) {
            throw new InvalidInput($wrong);
        }
        if ($read === []) {
            throw InvalidInput::because('rows', 'Type the gap of one square at least.');
        }

        return $read;
    }
}
