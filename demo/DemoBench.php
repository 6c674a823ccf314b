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
            AppendOnly::unguarded('diary_entries', static function (): void {
                DB::table('diary_entries')->whereNotNull('undoes_id')->delete();
                Bench::query()->where('name', self::plan()['bench']['name'])->get()->each->delete();
            });
            self::load();
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
