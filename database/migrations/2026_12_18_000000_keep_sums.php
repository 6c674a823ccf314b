<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * What years of records come to is kept, and struck out by the database itself as soon as one of its rows is written.
 * It is made anew by the ledger in the same transaction, and after an upgrade.
 */
return new class extends Migration
{
    /** Whose sums a row of each table is part of: `@` stands for the row, new or old. */
    private const PART_OF = [
        'edge_events' => [
            'edge-life' => '@.edge_id',
            'tool-uses' => '(SELECT tool_id FROM edges WHERE id = @.edge_id)',
        ],
        'edges' => ['edge-life' => '@.id', 'tool-uses' => '@.tool_id'],
        'tool_uses' => ['tool-uses' => '@.tool_id'],
        'stroke_counts' => ['tool-uses' => '@.tool_id'],
        'reference_tests' => ['tool-uses' => '(SELECT tool_id FROM "references" WHERE id = @.reference_id)'],
        'references' => ['tool-uses' => '@.tool_id'],
        'tools' => ['tool-uses' => '@.id'],
        'climate_stretches' => ['air-rests' => '@.bench_id'],
        'benches' => ['air-rests' => '@.id'],
    ];

    /** What is written on every bench at each record says nothing of these. */
    private const ONLY_WHEN_GONE = ['benches'];

    public function up(): void
    {
        DB::statement(
            'CREATE TABLE sums (
                what TEXT NOT NULL,
                subject_id INTEGER NOT NULL,
                value TEXT NOT NULL CHECK (json_valid(value)),
                PRIMARY KEY (what, subject_id)) WITHOUT ROWID',
        );
        foreach (self::PART_OF as $table => $sums) {
            foreach (['INSERT' => ['NEW'], 'UPDATE' => ['OLD', 'NEW'], 'DELETE' => ['OLD']] as $event => $rows) {
                if ($event === 'DELETE' || ! in_array($table, self::ONLY_WHEN_GONE, true)) {
                    DB::unprepared(self::trigger($table, $event, $rows, $sums));
                }
            }
        }
    }

    public function down(): void
    {
        foreach (array_keys(self::PART_OF) as $table) {
            foreach (['INSERT', 'UPDATE', 'DELETE'] as $event) {
                DB::unprepared('DROP TRIGGER IF EXISTS '.self::name($table, $event));
            }
        }
        DB::statement('DROP TABLE sums');
    }

    /**
     * @param  list<string>  $rows
     * @param  array<string, string>  $sums
     */
    private static function trigger(string $table, string $event, array $rows, array $sums): string
    {
        $strikes = '';
        foreach ($sums as $what => $subject) {
            foreach ($rows as $row) {
                $id = str_replace('@', $row, $subject);
                $strikes .= " DELETE FROM sums WHERE what = '$what' AND subject_id = $id;";
            }
        }

        return 'CREATE TRIGGER '.self::name($table, $event)." AFTER $event ON \"$table\" BEGIN$strikes END";
    }

    private static function name(string $table, string $event): string
    {
        return "strike_sums_{$table}_".strtolower($event);
    }
};
