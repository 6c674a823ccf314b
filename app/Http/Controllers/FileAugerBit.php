<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\AugersOfBench;
use App\Bench\FilingSession;
use App\Http\Requests\AugerBitRequest;
use App\Http\Resources\SessionResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\BenchSession;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Filing\AugerSet;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Filing\AugerBitForm;

/** Takes one bit of a set to the bench. */
final class FileAugerBit
{
    public function __invoke(AugerBitRequest $request, Ledger $ledger, Tool $auger, LengthFormatter $format): JsonResponse
    {
        $name = $format->dimension($request->sixteenths() * AugerSet::STEP_MM).' bit';
        $session = null;
        $ledger->save(static function (Changes $changes) use ($auger, $name, &$session): void {
            $session = $changes->create($changes->bench->sessions(), ['title' => $name] + FilingSession::columns($auger, AugerBitForm::steps(), AugersOfBench::FILED));
        });
        assert($session instanceof BenchSession);

        return new JsonResponse(SessionResource::of($session), 201);
    }
}
