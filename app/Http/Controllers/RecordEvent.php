<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\EdgeAfterEvent;
use App\Http\Requests\EventRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Edge;
use App\Models\EdgeEvent;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** One entry of an edge's diary: used, tested, stropped, touched up, honed, ground or measured. */
final class RecordEvent
{
    public function __invoke(EventRequest $request, Ledger $ledger, Edge $edge, LengthFormatter $format): JsonResponse
    {
        $event = $request->event();
        $ledger->record("edge-{$event->kind->value}", $edge->name, $event->sentence("the {$edge->name}"), static function (Changes $changes) use ($edge, $event, $request): void {
            $changes->update($edge, EdgeAfterEvent::columns($edge, $event), $request->version());
            $changes->create($edge->events(), ['bench_id' => $edge->bench_id, ...EdgeEvent::columns($event), 'recession_mm' => EdgeAfterEvent::recessionMm($event)]);
        });

        return (new ShowLog)($ledger->bench, $edge, $format)->setStatusCode(201);
    }
}
