<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use App\Diary\Answer\DiaryEntryAnswer;
use App\Diary\DiaryResource;
use App\Edge\Answer\EdgeAnswer;
use App\Edge\Answer\EdgePageAnswer;
use App\Edge\Answer\EdgesAnswer;
use App\Edge\Answer\GeometryPageAnswer;
use App\Edge\Answer\OutlookAnswer;
use App\Edge\Answer\OutlookEdgeAnswer;
use App\Http\Created;
use App\Ledger\Changes;
use App\Ledger\DiaryEntry;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use App\Session\Sessions;
use App\Tool\Tool;
use JackRest\Core\Edge\EdgesOfKind;
use JackRest\Core\EdgeHistory\EdgeLifeComparison;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\EdgeHistory\ComparisonWords;

/** Edges of the tools on the bench. */
final class EdgeController
{
    /** An evening's work with one edge; from memory. */
    private const JOB_MINUTES = 45.0;

    private const LIKELY = 0.5;

    private const LATEST = 6;

    /** Worst first. */
    public function index(Bench $bench, LengthFormatter $format): EdgesAnswer
    {
        $edges = Edge::of($bench)
            ->with('tool')
            ->get()
            ->sortBy(static fn (Edge $edge): array => $edge->order());

        return new EdgesAnswer(
            edges: array_map(
                static fn (Edge $edge): EdgeAnswer => EdgeResource::of($edge, $format),
                array_values($edges->all()),
            ),
        );
    }

    /** Which edges will be blunt before the next job is done, and what holds up better. */
    public function outlook(Bench $bench): OutlookAnswer
    {
        $outlook = new OutlookOfBench($bench);
        $rows = [];
        foreach ($outlook->edges as $id => $edge) {
            $forecast = $outlook->forecasts[$id];
            $chance = $edge->isDue() ? 1.0 : $forecast->chanceDuring(self::JOB_MINUTES);
            $rows[] = new OutlookEdgeAnswer(
                edgeId: $id,
                name: $edge->name,
                forecast: $edge->forecast($forecast),
                days: $edge->isSharp() ? $forecast->days(0.5) : 0.0,
                chance: $chance,
                likely: $chance >= self::LIKELY,
            );
        }
        usort(
            $rows,
            static fn (OutlookEdgeAnswer $a, OutlookEdgeAnswer $b): int => [$a->days ?? 1e9, $a->name] <=> [
                $b->days ?? 1e9,
                $b->name,
            ],
        );

        return new OutlookAnswer(
            edges: $rows,
            jobMinutes: (int) self::JOB_MINUTES,
            compares: array_map(
                static fn (EdgeLifeComparison $compare): string => (new ComparisonWords($compare))->sentence(),
                $outlook->comparisons(),
            ),
        );
    }

    public function show(Bench $bench, Edge $edge, LengthFormatter $format): EdgePageAnswer
    {
        $diary = DiaryEntry::of($bench)->with(DiaryEntry::STANDING)
            ->where('subject_type', $edge->getMorphClass())->where('subject_id', $edge->id)->latest('id');
        $diary->limit(self::LATEST);
        $running = Sessions::running($bench, $edge);

        return EdgeResource::page($edge->load('tool'), $running, array_values($diary->get()->all()), $format);
    }

    /**
     * Another iron for a body that takes several.
     *
     * @return Created<GeometryPageAnswer>
     */
    public function store(VersionedRequest $request, Ledger $ledger, Tool $tool, LengthFormatter $format): Created
    {
        $new = EdgesOfKind::another($tool->toCore(), $format);
        $edge = null;
        $ledger->record('edge-added', $tool, "Added another edge to the {$tool->name}.", static function (
            Changes $changes,
        ) use ($tool, $new, $request, &$edge): void {
            $changes->update($tool, [], $request->version());
            $edge = EdgesOfTool::add($changes, $tool, $new);
        });
        assert($edge instanceof Edge);

        return new Created((new GeometryController())->show($edge, $format));
    }

    public function destroy(VersionedRequest $request, Ledger $ledger, Edge $edge): DiaryEntryAnswer
    {
        $entry = $ledger->record(
            'edge-removed',
            $edge,
            "Took the {$edge->name} off the list of edges; its record is kept.",
            static function (Changes $changes) use ($edge, $request): void {
                $changes->delete($edge, $request->version());
            },
        );

        return DiaryResource::entry($entry);
    }
}
