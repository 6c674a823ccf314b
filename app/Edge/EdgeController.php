<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use App\Diary\DiaryResource;
use App\Kit\Tool;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Ledger\VersionedRequest;
use App\Session\Sessions;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Edge\EdgesOfKind;
use JackRest\Core\EdgeHistory\EdgeLifeComparison;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\EdgeHistory\ComparisonWords;
use JackRest\Desk\EdgeHistory\EdgeForecastWords;

/** Edges of the tools on the bench. */
final class EdgeController
{
    /** An evening's work with one edge; from memory. */
    private const JOB_MINUTES = 45.0;

    private const LIKELY = 0.5;

    private const LATEST = 6;

    /** Worst first. */
    public function index(Bench $bench, LengthFormatter $format): JsonResponse
    {
        $edges = $bench
            ->edges()
            ->with('tool')
            ->get()
            ->sortBy(static fn (Edge $edge): array => [EdgeNeed::badness($edge->condition), $edge->name])
            ->values();

        return new JsonResponse([
            'edges' => $edges->map(static fn (Edge $edge): array => EdgeResource::of($edge, $format))->all(),
        ]);
    }

    /** Which edges will be blunt before the next job is done, and what holds up better. */
    public function outlook(Bench $bench): JsonResponse
    {
        $outlook = new OutlookOfBench($bench);
        $rows = [];
        foreach ($outlook->edges as $id => $edge) {
            $forecast = $outlook->forecasts[$id];
            $chance = $edge->condition === Edge::SHARP ? $forecast->chanceDuring(self::JOB_MINUTES) : 1.0;
            $rows[] = [
                'edgeId' => $id,
                'name' => $edge->name,
                'forecast' => $edge->condition === Edge::SHARP
                        ? (new EdgeForecastWords($forecast))->sentence()
                        : 'It wants honing now.',
                'days' => $edge->condition === Edge::SHARP ? $forecast->days(0.5) : 0.0,
                'chance' => $chance,
                'likely' => $chance >= self::LIKELY,
            ];
        }
        usort(
            $rows,
            static fn (array $a, array $b): int => [$a['days'] ?? 1e9, $a['name']] <=> [$b['days'] ?? 1e9, $b['name']],
        );

        return new JsonResponse([
            'edges' => $rows,
            'jobMinutes' => (int) self::JOB_MINUTES,
            'compares' => array_map(
                static fn (EdgeLifeComparison $compare): string => (new ComparisonWords($compare))->sentence(),
                $outlook->comparisons(),
            ),
        ]);
    }

    public function show(Bench $bench, Edge $edge, LengthFormatter $format): JsonResponse
    {
        $diary = $bench->diary()->with('undoneBy')->where('subject', $edge->name)->latest('id');
        $diary->limit(self::LATEST);
        $running = Sessions::running($bench, $edge);

        return new JsonResponse(
            EdgeResource::page($edge->load('tool'), $running, array_values($diary->get()->all()), $format),
        );
    }

    /** Another iron for a body that takes several. */
    public function store(VersionedRequest $request, Ledger $ledger, Tool $tool, LengthFormatter $format): JsonResponse
    {
        $new = EdgesOfKind::another($tool->toCore(), $format);
        $edge = null;
        $ledger->record('edge-added', $tool->name, "Added another edge to the {$tool->name}.", static function (
            Changes $changes,
        ) use ($tool, $new, $request, &$edge): void {
            $changes->update($tool, [], $request->version());
            $edge = EdgesOfTool::add($changes, $tool, $new);
        });
        assert($edge instanceof Edge);

        return (new GeometryController())->show($edge, $format)->setStatusCode(201);
    }

    public function destroy(VersionedRequest $request, Ledger $ledger, Edge $edge): JsonResponse
    {
        $entry = $ledger->record(
            'edge-removed',
            $edge->name,
            "Put the {$edge->name} away: it is sharpened no more.",
            static function (Changes $changes) use ($edge, $request): void {
                $changes->delete($edge, $request->version());
            },
        );

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')));
    }
}
