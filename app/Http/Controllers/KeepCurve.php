<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CurveRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Edge;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** The iron has its curve: it is on record from now on. */
final class KeepCurve
{
    public function __invoke(CurveRequest $request, Ledger $ledger, Edge $edge, LengthFormatter $format): JsonResponse
    {
        abort_unless($edge->form->mayBeCurved(), 404);
        $values = $request->values($ledger->bench, $edge, $format);
        $ledger->record('edge-curved', $edge->name, "Gave the {$edge->name} a curve of {$format->dimension(round((float) $values['radius_mm']))} radius.", static function (Changes $changes) use ($edge, $values, $request): void {
            $changes->update($edge, $values, $request->version());
        });

        return (new ShowCurve)($ledger->bench, $edge, $format);
    }
}
