<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenGeometrySheetRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Edge;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class KeepGeometry
{
    public function __invoke(SeenGeometrySheetRequest $request, Ledger $ledger, Edge $edge, LengthFormatter $format): JsonResponse
    {
        $values = $request->values($edge, $format);
        $ledger->record('edge-changed', (string) $values['name'], "Changed the figures of the {$values['name']}.", static function (Changes $changes) use ($edge, $values, $request): void {
            $changes->update($edge, $values, $request->version());
        });

        return (new ShowGeometry)($edge, $format);
    }
}
