<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use App\Edge\Answer\EdgeLogAnswer;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use Illuminate\Support\Carbon;
use JackRest\Core\EdgeHistory\EdgeEntry;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\EdgeHistory\EdgeEntryWords;

/** What happened to an edge, and what it says of the next time. */
final class LogController
{
    /** An edge's own diary, and what follows from it. */
    public function show(LogRequest $request, Bench $bench, Edge $edge, LengthFormatter $format): EdgeLogAnswer
    {
        return self::answer($edge, new LogResource($bench, $format, $request->count(), $request->entry()), $bench);
    }

    private static function answer(Edge $edge, LogResource $resource, Bench $bench): EdgeLogAnswer
    {
        $outlook = new OutlookOfBench($bench);

        return $resource->of(
            $edge->load('tool'),
            $outlook->forecasts[$edge->id],
            $edge->story(),
        );
    }

    /**
     * One entry of an edge's diary: used, tested, stropped, touched up, honed, ground or measured.
     *
     * @return Created<EdgeLogAnswer>
     */
    public function event(EventRequest $request, Ledger $ledger, Edge $edge, LengthFormatter $format): Created
    {
        self::write($ledger, $edge, $request->event(), $request->version());

        return new Created(self::answer($edge, new LogResource($ledger->bench, $format), $ledger->bench));
    }

    private static function write(Ledger $ledger, Edge $edge, EdgeEntry $event, int $version): void
    {
        $ledger->record(
            EdgeEntries::KIND.$event->kind->value,
            $edge,
            EdgeEntryWords::sentence($event, "the {$edge->name}"),
            static function (Changes $changes) use ($edge, $event, $version): void {
                $columns = EdgeAfterEvent::columns($edge, $event, $edge->laterKinds($event->at));
                $changes->update($edge, $columns, $version, EdgeAfterEvent::added($event));
                $changes->create($edge->events(), [
                    'bench_id' => $edge->bench_id,
                    ...EdgeEvent::columns($event),
                    'recession_mm' => EdgeAfterEvent::recessionMm($event),
                ]);
            },
            $event->at,
        );
    }

    /**
     * Is finer worth it? The user's own answer, which can become the tool's stop.
     *
     * @return Created<EdgeLogAnswer>
     */
    public function trial(TrialRequest $request, Ledger $ledger, Edge $edge, LengthFormatter $format): Created
    {
        $trial = new StopTrial([
            'sides' => $request->sides($ledger->bench),
            'wood' => $request->string('wood')->toString(),
            'tried_at' => Carbon::now()->toIso8601ZuluString(),
        ]);
        $words = LogResource::words($trial);
        $kept = $request->boolean('keep') ? $words->betterUm() : null;
        $ledger->record(
            'stop-trial',
            $edge,
            "Two stops tried with the {$edge->name}. {$words->sentence()}",
            static function (Changes $changes) use ($edge, $trial, $kept, $request): void {
                $changes->update($edge, $kept === null ? [] : ['finish_um' => $kept], $request->version());
                $changes->create($edge->trials(), [
                    'bench_id' => $edge->bench_id,
                    'tried_at' => $trial->tried_at,
                    'sides' => $trial->sides,
                    'wood' => $trial->wood,
                    'kept_um' => $kept,
                ]);
            },
        );

        return new Created(self::answer($edge, new LogResource($ledger->bench, $format), $ledger->bench));
    }
}
