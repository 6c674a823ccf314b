<?php

declare(strict_types=1);

use Database\Relay\DiarySubjects;
use Database\Relay\Promises;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What the domain promises is held by the database, too: choices, signs, lists that are lists, one of a kind. The
 * diary says by kind and number what an entry is about.
 *
 * All of it is one transaction: a kill in the middle leaves the tables as they were.
 */
return new class extends Migration
{
    private const HARDNESS = "('soft', 'medium', 'hard')";

    private const CHECKS = [
        'benches' => ["name <> ''", 'revision >= 0'],
        'users' => ["unit IN ('mm', 'inch')", "ground IN ('system', 'light', 'dark')", 'paper_mm > 0'],
        'works' => [
            "name <> ''", 'json_valid(measures)', 'json_valid(steps)', 'weight > 0', 'chosen IN (0, 1)',
            'hardness IN '.self::HARDNESS,
        ],
        'tools' => [
            "name <> ''", "status IN ('owned', 'wanted')", 'json_valid(size)', 'price >= 0', 'kept IN (0, 1)',
            '(lent_to IS NULL) = (lent_on IS NULL)',
        ],
        'stones' => [
            "name <> ''", 'cut_factor > 0', 'change_seconds >= 0', 'price >= 0', 'lasts_edges > 0',
            "scale IN ('fepa-p', 'fepa-f', 'ansi-coated', 'ansi-bonded', 'jis', 'micron')",
            "medium IN ('waterstone', 'oilstone', 'diamond-plate', 'paper', 'film', 'strop', 'wheel', 'file')",
        ],
        'edges' => [
            "name <> ''", 'width_mm > 0', 'thickness_mm > 0', 'primary_deg > 0 AND primary_deg < 90',
            'secondary_deg > 0 AND secondary_deg < 90', 'micro_width_mm >= 0', 'finish_um > 0', 'honed_mm >= 0',
            'bevel_up IN (0, 1)', 'radius_mm > 0', 'wheel_mm > 0',
            "condition IN ('sharp', 'nicked', 'bevel', 'camber', 'fresh-grind', 'dull', 'back', 'touch-up')",
            "duty IN ('smooth', 'pare', 'fit', 'general', 'coarse', 'chop', 'rough')",
            "steel IN ('carbon', 'alloy', 'powder', 'laminated', 'unknown')",
        ],
        'diary_entries' => [
            "kind <> ''", "sentence <> ''", 'json_valid(changes)', '(subject_type IS NULL) = (subject_id IS NULL)',
        ],
        'kit_settings' => [
            'json_valid(answers)', 'json_valid(overrules)', 'per_month >= 0', 'budget >= 0', 'floor BETWEEN 1 AND 5',
            "damp IN ('dry', 'ordinary', 'damp')",
        ],
        'stroke_counts' => ['thickness_mm > 0', 'depth_mm > 0', 'strokes > 0', 'hardness IN '.self::HARDNESS],
        'guides' => [
            "name <> ''", "seat IN ('chisel', 'iron')", 'roller_mm > 0', 'json_valid(settings)', 'json_valid(stops)',
        ],
        'edge_events' => [
            "kind IN ('used', 'tested', 'stropped', 'touched-up', 'honed', 'ground', 'measured')", 'minutes >= 0',
            'strokes >= 0', 'wood IN '.self::HARDNESS, 'recession_mm >= 0',
        ],
        'stop_trials' => ['json_valid(sides)', 'wood IN '.self::HARDNESS, 'kept_um > 0'],
        'imported_files' => ['lines >= 0', "fingerprint <> ''"],
        'look_overs' => [
            'json_valid(found)', 'json_valid(sizes)', "state IN ('open', 'bought', 'left')", "unit IN ('mm', 'inch')",
            'good_price >= 0', 'per_hour >= 0', 'asked >= 0',
        ],
        'photos' => ['width > 0', 'height > 0'],
        'mends' => ['minutes >= 0', 'cost >= 0'],
        'care_rounds' => ["job <> ''"],
        'consumables' => ["kind IN ('blades', 'paper', 'compound', 'wax', 'oil')", 'bought >= 0'],
        'shadow_boards' => ["name <> ''", 'width_mm > 0', 'height_mm > 0', 'room_mm >= 0', 'json_valid(tools)'],
        'filings' => ['lowered_mm >= 0', 'teeth >= 0', 'minutes >= 0'],
        'auger_bits' => ['sixteenths BETWEEN 1 AND 64', 'spurs_mm > 0', 'twist_mm > 0', 'is_sharp IN (0, 1)'],
        'climate_stretches' => ['json_valid(readings)', 'json_valid(rests)'],
        'blanks' => [
            "name <> ''", 'length_mm > 0', 'width_mm > 0', 'thickness_mm > 0', 'ring_deg BETWEEN 0 AND 90',
            "figure IN ('straight', 'slight', 'wild')", "knots IN ('none', 'clear', 'in-the-way')",
        ],
        'makings' => [
            "name <> ''", 'json_valid(sizes)', 'json_valid(steps)', 'wood IS NULL OR json_valid(wood)', 'done >= 0',
            "state IN ('running', 'made')",
        ],
    ];

    /** Of what there is one: its table, its columns, which of several counts until now. What was put away is none. */
    private const ONE_OF = [
        'kit_settings_one_a_bench' => ['kit_settings', 'bench_id', 'min'],
        'auger_bits_one_a_size' => ['auger_bits', 'tool_id, sixteenths', 'max'],
        'photos_one_a_file' => ['photos', 'file', 'max'],
    ];

    private const SUBJECT_INDEX = 'diary_entries_subject_index';

    public function up(): void
    {
        self::withoutForeignKeys(function (): void {
            if (! Schema::hasColumn('diary_entries', 'subject_type')) {
                $this->addSubjects();
            }
            foreach (self::CHECKS as $table => $promises) {
                Promises::make($table, $promises);
            }
            foreach (self::ONE_OF as $name => [$table, $columns, $which]) {
                $this->putDoublesAway($table, $columns, $which);
                DB::statement("CREATE UNIQUE INDEX $name ON $table ($columns) WHERE deleted_at IS NULL");
            }
        });
    }

    public function down(): void
    {
        self::withoutForeignKeys(static function (): void {
            foreach (array_keys(self::ONE_OF) as $name) {
                DB::statement("DROP INDEX $name");
            }
            foreach (self::CHECKS as $table => $promises) {
                Promises::takeBack($table, $promises);
            }
            DB::statement('DROP INDEX '.self::SUBJECT_INDEX);
            DB::statement('ALTER TABLE diary_entries DROP COLUMN subject_type');
            DB::statement('ALTER TABLE diary_entries DROP COLUMN subject_id');
        });
    }

    /** Entries can't be changed; for once, what they are about is added to them. */
    private function addSubjects(): void
    {
        DB::statement('ALTER TABLE diary_entries ADD COLUMN subject_type VARCHAR');
        DB::statement('ALTER TABLE diary_entries ADD COLUMN subject_id INTEGER');
        $name = 'diary_entries_no_UPDATE';
        $trigger = DB::scalar("SELECT sql FROM sqlite_master WHERE type = 'trigger' AND name = ?", [$name]);
        DB::statement("DROP TRIGGER $name");
        $subjects = new DiarySubjects();
        foreach (DB::table('diary_entries')->orderBy('id')->lazy() as $entry) {
            $about = $subjects->of(
                (int) $entry->bench_id,
                $entry->subject,
                (array) json_decode($entry->changes, true),
            );
            if ($about !== null) {
                DB::table('diary_entries')
                    ->where('id', $entry->id)
                    ->update(['subject_type' => $about[0], 'subject_id' => $about[1]]);
            }
        }
        DB::statement((string) $trigger);
        DB::statement(
            'CREATE INDEX '.self::SUBJECT_INDEX.' ON diary_entries (bench_id, subject_type, subject_id)',
        );
    }

    /** Of several that should be one, the one that was seen stays. */
    private function putDoublesAway(string $table, string $columns, string $which): void
    {
        DB::statement(
            "UPDATE $table SET deleted_at = datetime('now') WHERE deleted_at IS NULL AND id NOT IN
                (SELECT $which(id) FROM $table WHERE deleted_at IS NULL GROUP BY $columns)",
        );
    }

    private static function withoutForeignKeys(callable $change): void
    {
        Schema::withoutForeignKeyConstraints(
            static fn () => DB::transaction(static function () use ($change): void {
                $change();
                if (DB::select('PRAGMA foreign_key_check') !== []) {
                    throw new RuntimeException('A record refers to one that is not there. Nothing was changed.');
                }
            }),
        );
    }
};
