<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use App\Sum\Sum;
use App\Sum\Sums;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use JackRest\Core\EdgeHistory\Life;
use JackRest\Core\EdgeHistory\LifeSoFar;

/**
 * What the diary of each edge comes to: its spans between sharpenings, and how far it is into the present one.
 *
 * @phpstan-import-type Row from LifeSoFar
 */
final class EdgeLives implements Sum
{
    public function name(): string
    {
        return 'edge-life';
    }

    public function subjects(Bench $bench): Builder
    {
        return DB::table('edges')->where('bench_id', $bench->id)->whereNull('deleted_at')->select('id');
    }

    public function made(Bench $bench, array $ids): array
    {
        $today = Carbon::now()->toDateString();
        $stories = EdgeEvent::stories(EdgeEvent::of($bench)->whereIn('edge_id', $ids));
        $made = [];
        foreach ($ids as $id) {
            $made[$id] = LifeSoFar::of($stories[$id] ?? [], $today)->toRow();
        }

        return $made;
    }

    /** @return array<int, Life> as they are today, by edge */
    public static function of(Bench $bench): array
    {
        $today = Carbon::now()->toDateString();
        /** @var array<int, Row> $rows */
        $rows = Sums::of(new self(), $bench);

        return array_map(static fn (array $row): Life => LifeSoFar::fromRow($row)->on($today), $rows);
    }
}
