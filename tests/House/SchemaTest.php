<?php

declare(strict_types=1);

namespace Tests\House;

use Illuminate\Support\Facades\Schema;
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
}
