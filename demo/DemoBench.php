<?php

declare(strict_types=1);

namespace Demo;

use App\Ledger\AppendOnly;
use App\Models\Bench;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Lays out Orchard Row from `orchard-row.json`. People, prices and dates in it are invented. */
final class DemoBench
{
    public static function loadIfEmpty(): bool
    {
        return DB::transaction(static function (): bool {
            if (Bench::query()->first() !== null) {
                return false;
            }
            self::load();

            return true;
        });
    }

    public static function reset(): void
    {
        DB::transaction(static function (): void {
            self::clear();
            self::load();
        });
    }

    /** An empty bench in the place of the demo: for somebody who begins with their own tools. */
    public static function clearAway(): void
    {
        DB::transaction(static function (): void {
            self::clear();
            $bench = Bench::query()->create(['name' => 'My bench']);
            User::query()->create(['name' => 'Me', 'unit' => 'mm', 'ground' => 'system', 'bench_id' => $bench->id]);
        });
    }

    private static function clear(): void
    {
        AppendOnly::unguarded('diary_entries', static function (): void {
            DB::table('diary_entries')->whereNotNull('undoes_id')->delete();
            Bench::query()->get()->each->delete();
        });
    }

    private static function load(): void
    {
        $plan = self::plan();
        $bench = Bench::query()->create($plan['bench']);
        User::query()->create([...$plan['user'], 'bench_id' => $bench->id]);
        foreach ($plan['works'] as $work) {
            $bench->works()->create($work);
        }
        foreach ($plan['stones'] as $stone) {
            $bench->stones()->create($stone);
        }
        foreach ($plan['tools'] as $tool) {
            self::tool($bench, $tool);
        }
        $bench->kitSettings()->create($plan['settings']);
        foreach ($plan['strokes'] as $count) {
            $saw = $bench->tools()->get()->firstOrFail('name', $count['tool']);
            $bench->strokeCounts()->create([...array_diff_key($count, ['tool' => true]), 'tool_id' => $saw->id]);
        }
        foreach ($plan['diary'] as $entry) {
            $bench->diary()->create([...$entry, 'changes' => []]);
        }
    }

    /** @param  array<string, mixed>  $tool */
    private static function tool(Bench $bench, array $tool): void
    {
        ['edge' => $edge, 'square' => $square] = $tool + ['edge' => null, 'square' => null];
        $hung = $bench->tools()->create(array_diff_key($tool, ['edge' => true, 'square' => true]));
        if ($edge !== null) {
            $bench->edges()->create([...$edge, 'tool_id' => $hung->id]);
        }
        if ($square !== null) {
            $tests = $square['tests'];
            $kept = $bench->squares()->create([...array_diff_key($square, ['tests' => true]), 'tool_id' => $hung->id]);
            foreach ($tests as $test) {
                $bench->squareTests()->create([...$test, 'square_id' => $kept->id]);
            }
        }
    }

    /** @return array<string, mixed> */
    private static function plan(): array
    {
        /** @var array<string, mixed> $plan */
        $plan = json_decode((string) file_get_contents(__DIR__.'/orchard-row.json'), true, flags: JSON_THROW_ON_ERROR);

        return $plan;
    }
}
