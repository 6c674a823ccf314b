<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\AugersOfBench;
use App\Http\Requests\AugerBitRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Tool;
use App\Session\BenchSession;
use App\Session\SessionResource;
use App\Session\Sessions;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Filing\AugerSet;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Filing\AugerBitForm;
use JackRest\Desk\Session\SessionKind;
use JackRest\Desk\Session\SessionStep;

/** Takes one bit of a set to the bench. */
final class FileAugerBit
{
    public function __invoke(AugerBitRequest $request, Ledger $ledger, Tool $auger, LengthFormatter $format): JsonResponse
    {
        $name = $format->dimension($request->sixteenths() * AugerSet::STEP_MM).' bit';
        $session = null;
        $ledger->save(static function (Changes $changes) use ($auger, $name, &$session): void {
            $steps = array_map(SessionStep::ofFiling(...), AugerBitForm::steps());
            $session = Sessions::begin($changes, SessionKind::BitFiling, $auger, $name, $steps, ['state' => AugersOfBench::FILED]);
        });
        assert($session instanceof BenchSession);

        return new JsonResponse(SessionResource::of($session), 201);
    }
}
