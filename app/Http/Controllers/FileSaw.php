<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\FilingSession;
use App\Http\Requests\SeenSawSheetRequest;
use App\Http\Resources\SessionResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\BenchSession;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;

/** Keeps what was read of a saw and takes its plan to the bench, tooth by tooth. */
final class FileSaw
{
    public function __invoke(SeenSawSheetRequest $request, Ledger $ledger, Tool $saw, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($saw, $format);
        $sizes = $request->sizes($saw, $sheet);
        if (! $sheet->canFile()) {
            throw InvalidInput::because('figures.length', $sheet->next()->says);
        }
        $session = null;
        $ledger->record('saw-read', $saw->name, "Began to file the {$saw->name}.", static function (Changes $changes) use ($saw, $sheet, $sizes, $request, &$session): void {
            $changes->update($saw, ['size' => $sizes], $request->version());
            $session = $changes->create($changes->bench->sessions(), FilingSession::ofSaw($saw, $sheet));
        });
        assert($session instanceof BenchSession);

        return new JsonResponse(SessionResource::of($session), 201);
    }
}
