<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenSawSheetRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Tool;
use App\Session\BenchSession;
use App\Session\SessionResource;
use App\Session\Sessions;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

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
        $steps = array_map(SessionStep::ofFiling(...), $sheet->plan->steps ?? []);
        $context = ['state' => $sheet->state->value, 'loweredMm' => $sheet->plan?->loweredMm, 'setMm' => $sheet->wantedSetMm()];
        $session = null;
        $ledger->record('saw-read', $saw->name, "Began to file the {$saw->name}.", static function (Changes $changes) use ($saw, $steps, $context, $sizes, $request, &$session): void {
            $changes->update($saw, ['size' => $sizes], $request->version());
            $session = Sessions::begin($changes, SessionKind::Filing, $saw, $saw->name, $steps, $context);
        });
        assert($session instanceof BenchSession);

        return new JsonResponse(SessionResource::of($session), 201);
    }
}
