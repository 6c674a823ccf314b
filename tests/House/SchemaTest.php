<?php

declare(strict_types=1);

namespace Tests\House;

use Database\Relay\Promises;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Http\HttpTestCase;

/** What the tables promise beside their columns. */
final class SchemaTest extends HttpTestCase
{
    public function test_every_foreign_key_has_an_index(): void
    {
        $bare = [];
        $keys = 0;
        foreach (Schema::getTableListing(schemaQualified: false) as $table) {
            $leading = array_map(static fn (array $index): string => $index['columns'][0], Schema::getIndexes($table));
            foreach (Schema::getForeignKeys($table) as $key) {
                $keys++;
                if (! in_array($key['columns'][0], $leading, true)) {
                    $bare[] = "$table.{$key['columns'][0]}";
                }
            }
        }
        self::assertGreaterThan(30, $keys);
        self::assertSame([], $bare);
    }

    public function test_the_last_step_can_be_taken_back_and_forward_again(): void
    {
        $last = require dirname(__DIR__, 2).'/database/migrations/2026_12_11_000000_index_foreign_keys.php';
        $last->down();
        self::assertFalse(Schema::hasIndex('edges', ['tool_id']));
        $last->up();
        $last->up();
        self::assertTrue(Schema::hasIndex('edges', ['tool_id']));
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function brokenPromises(): iterable
    {
        yield 'a tool neither owned nor wanted' => ['tools', ['status' => 'borrowed']];
        yield 'a tool lent to nobody knows when' => ['tools', ['lent_to' => 'Jorun', 'lent_on' => null]];
        yield 'sizes that are no list' => ['tools', ['size' => '{broken']];
        yield 'an edge without width' => ['edges', ['width_mm' => 0]];
        yield 'a bevel of more than a right angle' => ['edges', ['primary_deg' => 95]];
        yield 'an edge in a state that nobody knows' => ['edges', ['condition' => 'fine']];
        yield 'a stone on no scale' => ['stones', ['scale' => 'mesh']];
        yield 'a work of a wood between' => ['works', ['hardness' => 'hardish']];
        yield 'rings that stand on their head' => ['blanks', ['ring_deg' => 120]];
        yield 'a price below nought' => ['tools', ['price' => -1]];
        yield 'a reading with less than no uncertainty' => ['reference_tests', ['uncertainty_mm' => -0.1]];
    }

    /** @param  array<string, mixed>  $values */
    #[DataProvider('brokenPromises')]
    public function test_the_database_holds_what_the_domain_promises(string $table, array $values): void
    {
        $id = DB::table($table)->min('id');
        self::assertNotNull($id, "the demo has $table");
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('CHECK constraint failed');
        DB::table($table)->where('id', $id)->update($values);
    }

    public function test_a_bench_is_set_up_in_one_way_only(): void
    {
        $row = ['bench_id' => self::bench()->id, 'answers' => '{}', 'overrules' => '{}'];
        DB::table('kit_settings')->where('bench_id', self::bench()->id)->delete();
        DB::table('kit_settings')->insert([...$row, 'deleted_at' => '2026-01-01']);
        DB::table('kit_settings')->insert($row);
        $this->expectException(QueryException::class);
        DB::table('kit_settings')->insert($row);
    }

    /** A row that breaks a promise already is brought over as it is: an upgrade loses nothing and shuts nobody out. */
    public function test_a_promise_that_is_broken_already_is_not_made(): void
    {
        DB::statement('CREATE TABLE planks (id INTEGER PRIMARY KEY, width FLOAT, kind VARCHAR)');
        DB::statement('CREATE INDEX planks_kind ON planks (kind)');
        DB::table('planks')->insert([['width' => -1, 'kind' => 'oak'], ['width' => 20, 'kind' => null]]);
        Promises::make('planks', ['width > 0', "kind IN ('oak', 'ash')"]);

        self::assertSame([-1.0, 20.0], DB::table('planks')->orderBy('id')->pluck('width')->all());
        self::assertTrue(Schema::hasIndex('planks', 'planks_kind'));
        DB::table('planks')->insert(['width' => -2, 'kind' => 'ash']);
        try {
            DB::table('planks')->insert(['width' => 5, 'kind' => 'beech']);
            self::fail('It was taken.');
        } catch (QueryException) {
            Promises::takeBack('planks', ['width > 0', "kind IN ('oak', 'ash')"]);
        }
        DB::table('planks')->insert(['width' => 5, 'kind' => 'beech']);
        self::assertSame(4, DB::table('planks')->count());
    }
}
