<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\EdgesOfTool;
use App\Http\Requests\SeenRecordRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Edge;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Edge\EdgesOfKind;
use JackRest\Core\Measure\LengthFormatter;

/** Another iron for a body that takes several. */
final class AddEdge
{
    public function __invoke(SeenRecordRequest $request, Ledger $ledger, Tool $tool, LengthFormatter $format): JsonResponse
    {
        $new = EdgesOfKind::another($tool->toCore(), $format);
        $edge = null;
        $ledger->record('edge-added', $tool->name, "Added another edge to the {$tool->name}.", static function (Changes $changes) use ($tool, $new, $request, &$edge): void {
            $changes->update($tool, [], $request->version());
            $edge = EdgesOfTool::add($changes, $tool, $new);
        });
        assert($edge instanceof Edge);

        return (new ShowGeometry)($edge, $format)->setStatusCode(201);
    }
}
