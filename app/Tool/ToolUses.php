<?php

declare(strict_types=1);

namespace App\Tool;

use App\Bench\Bench;
use App\Sum\Sum;
use App\Sum\Sums;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * When each tool was used last and how often, by all that is written down: that it was used, its edge, strokes counted
 * with it, the tests of the reference it is.
 */
final class ToolUses implements Sum
{
    public function name(): string
    {
        return 'tool-uses';
    }

    public function subjects(Bench $bench): Builder
    {
        return DB::table('tools')->where('bench_id', $bench->id)->whereNull('deleted_at')->select('id');
    }

    public function made(Bench $bench, array $ids): array
    {
        $days = DB::table('tool_uses')->select('tool_uses.tool_id', 'used_on as day');
        $edges = DB::table('edge_events')
            ->join('edges', 'edges.id', '=', 'edge_events.edge_id')
            ->where('edge_events.kind', 'used')
            ->select('edges.tool_id', 'edge_events.happened_at as day');
        $counts = DB::table('stroke_counts')->select('stroke_counts.tool_id', 'counted_at as day');
        $tests = DB::table('reference_tests')
            ->join('references', 'references.id', '=', 'reference_tests.reference_id')
            ->select('references.tool_id', 'reference_tests.tested_at as day');
        $all = self::standing($days, $ids, 'tool_uses')
            ->unionAll(self::standing($edges, $ids, 'edges', 'edge_events'))
            ->unionAll(self::standing($counts, $ids, 'stroke_counts'))
            ->unionAll(self::standing($tests, $ids, 'references', 'reference_tests'));
        $made = array_fill_keys($ids, [null, 0]);
        foreach (DB::query()->fromSub($all, 'uses')->selectRaw('tool_id, max(day) as last, count(*) as times')
            ->groupBy('tool_id')->get() as $row) {
            /** @var array{tool_id: int, last: string, times: int} $uses */
            $uses = (array) $row;
            $made[$uses['tool_id']] = [$uses['last'], $uses['times']];
        }

        return $made;
    }

    /** @return array<int, array{string|null, int}> the last day, null where there is none, and how often; by tool */
    public static function of(Bench $bench): array
    {
        /** @var array<int, array{string|null, int}> $uses */
        $uses = Sums::of(new self(), $bench);

        return $uses;
    }

    /**
     * What stands of these tools'; the first of the tables says whose it is.
     *
     * @param  list<int>  $ids
     */
    private static function standing(Builder $query, array $ids, string ...$tables): Builder
    {
        foreach ($tables as $table) {
            $query->whereNull("$table.deleted_at");
        }

        return $query->whereIntegerInRaw(($tables[0] ?? '').'.tool_id', $ids);
    }
}
