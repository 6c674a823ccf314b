<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\OutlookOfBench;
use App\Models\Bench;
use App\Models\Edge;
use Illuminate\Http\JsonResponse;
use JackRest\Core\EdgeHistory\EdgeLifeComparison;
use JackRest\Desk\EdgeHistory\ComparisonWords;
use JackRest\Desk\EdgeHistory\EdgeForecastWords;

/** Which edges will be blunt before the next job is done, and what holds up better. */
final class ShowOutlook
{
    /** An evening's work with one edge; from memory. */
    private const JOB_MINUTES = 45.0;

    private const LIKELY = 0.5;

    public function __invoke(Bench $bench): JsonResponse
    {
        $outlook = new OutlookOfBench($bench);
        $rows = [];
        foreach ($outlook->edges as $id => $edge) {
            $forecast = $outlook->forecasts[$id];
            $chance = $edge->condition === Edge::SHARP ? $forecast->chanceDuring(self::JOB_MINUTES) : 1.0;
            $rows[] = [
                'edgeId' => $id,
                'name' => $edge->name,
                'forecast' => $edge->condition === Edge::SHARP ? (new EdgeForecastWords($forecast))->sentence() : 'It wants honing now.',
                'days' => $edge->condition === Edge::SHARP ? $forecast->days(0.5) : 0.0,
                'chance' => $chance,
                'likely' => $chance >= self::LIKELY,
            ];
        }
        usort($rows, static fn (array $a, array $b): int => [$a['days'] ?? 1e9, $a['name']] <=> [$b['days'] ?? 1e9, $b['name']]);

        return new JsonResponse([
            'edges' => $rows,
            'jobMinutes' => (int) self::JOB_MINUTES,
            'compares' => array_map(static fn (EdgeLifeComparison $compare): string => (new ComparisonWords($compare))->sentence(), $outlook->comparisons()),
        ]);
    }
}
