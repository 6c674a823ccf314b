<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenEdgeSheetRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Edge;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Measure\LengthFormatter;

/** What the user saw is wrong with an edge, or that it is sharp. */
final class ReportEdge
{
    public function __invoke(SeenEdgeSheetRequest $request, Ledger $ledger, Edge $edge, LengthFormatter $format): JsonResponse
    {
        $condition = $request->string('condition')->toString();
        $says = lcfirst(EdgeNeed::tryFrom($condition)?->label() ?? 'Sharp');
        $ledger->record('edge-condition', $edge->name, "Looked at the {$edge->name}: $says.", static function (Changes $changes) use ($edge, $condition, $request): void {
            $changes->update($edge, ['condition' => $condition], $request->version());
        });

        return (new ShowEdge)($ledger->bench, $edge, $format);
    }
}
