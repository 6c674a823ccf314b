<?php

declare(strict_types=1);

use Database\Relay\EarlierTables;
use Database\Relay\ReferenceRows;
use Database\Relay\SessionRows;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * One table of references and one of their tests, in place of three pairs; sessions with one subject of any kind.
 *
 * All of it is one transaction: a kill in the middle leaves the tables as they were.
 */
return new class extends Migration
{
    private const RECORD = '
        id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
        bench_id INTEGER NOT NULL REFERENCES benches (id) ON DELETE CASCADE,
        version INTEGER NOT NULL DEFAULT 1,
        deleted_at DATETIME,
        created_at DATETIME,
        updated_at DATETIME';

    /** The old tables, those that refer to others first: dropping a table deletes what refers to it. */
    private const OLD = [
        'honing_sessions',
        'square_tests',
        'straight_tests',
        'old_reference_tests',
        'squares',
        'straights',
        'old_references',
    ];

    public function up(): void
    {
        // Brought over already: it was ended after the change and before it was noted.
        if (! Schema::hasTable('squares')) {
            return;
        }
        DB::transaction(function (): void {
            $this->setOldAside();
            $this->createReferences();
            $this->createSessions();
            $squares = $this->references('squares', ReferenceRows::square(...), false);
            $straights = $this->references('straights', ReferenceRows::straightedge(...), false);
            $others = $this->references('old_references', ReferenceRows::other(...), true);
            $squareTests = $this->tests('square_tests', 'square_id', $squares, ReferenceRows::squareTest(...));
            $straightTests = $this->tests(
                'straight_tests',
                'straight_id',
                $straights,
                ReferenceRows::straightedgeTest(...),
            );
            $this->tests('old_reference_tests', 'reference_id', $others, ReferenceRows::otherTest(...));
            $this->sessions($squareTests, $straightTests);
            array_map(Schema::drop(...), self::OLD);
        });
    }

    /** @throws RuntimeException when there are records that the earlier tables cannot hold; nothing is changed then */
    public function down(): void
    {
        if (Schema::hasTable('bench_sessions')) {
            (new EarlierTables())->bringBack();
        }
    }

    private function setOldAside(): void
    {
        foreach (['reference_tests', 'references'] as $table) {
            DB::statement("DROP INDEX {$table}_bench_id_deleted_at_index");
            Schema::rename($table, "old_$table");
        }
    }

    private function createReferences(): void
    {
        DB::statement(
            'CREATE TABLE "references" ('.
                self::RECORD.
                ",
            tool_id INTEGER REFERENCES tools (id) ON DELETE CASCADE,
            kind VARCHAR NOT NULL CHECK (kind <> ''),
            name VARCHAR NOT NULL,
            description VARCHAR NOT NULL DEFAULT '',
            sizes TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(sizes)),
            choices TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(choices)),
            instrument VARCHAR NOT NULL DEFAULT 'feeler',
            dropped_on VARCHAR,
            wood TEXT CHECK (wood IS NULL OR json_valid(wood)))",
        );
        DB::statement(
            'CREATE TABLE reference_tests ('.
                self::RECORD.
                ",
            reference_id INTEGER NOT NULL REFERENCES \"references\" (id) ON DELETE CASCADE,
            tested_at VARCHAR NOT NULL,
            series VARCHAR NOT NULL DEFAULT '',
            readings TEXT NOT NULL CHECK (json_valid(readings)),
            facts TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(facts)),
            error_mm FLOAT NOT NULL,
            uncertainty_mm FLOAT NOT NULL CHECK (uncertainty_mm >= 0),
            verdict VARCHAR NOT NULL CHECK (verdict IN ('within', 'outside', 'cannot-tell')),
            found VARCHAR,
            strokes INTEGER CHECK (strokes >= 0),
            taken VARCHAR)",
        );
        DB::statement(
            'CREATE INDEX references_bench_id_deleted_at_index ON "references" (bench_id, deleted_at)',
        );
        DB::statement('CREATE INDEX references_tool_id_index ON "references" (tool_id)');
        DB::statement(
            'CREATE INDEX reference_tests_bench_id_deleted_at_index ON reference_tests (bench_id, deleted_at)',
        );
        DB::statement(
            'CREATE INDEX reference_tests_reference_id_tested_at_index ON reference_tests (reference_id, tested_at)',
        );
    }

    private function createSessions(): void
    {
        DB::statement(
            'CREATE TABLE bench_sessions ('.
                self::RECORD.
                ",
            kind VARCHAR NOT NULL CHECK (kind IN
                ('honing', 'day', 'planing', 'filing', 'turning', 'bit-filing', 'making')),
            subject_type VARCHAR,
            subject_id INTEGER,
            title VARCHAR NOT NULL,
            steps TEXT NOT NULL CHECK (json_valid(steps)),
            counted TEXT NOT NULL CHECK (json_valid(counted)),
            context TEXT NOT NULL DEFAULT '{}' CHECK (json_valid(context)),
            at_step INTEGER NOT NULL DEFAULT 0 CHECK (at_step >= 0),
            phase VARCHAR NOT NULL CHECK (phase IN ('fetch', 'stroke', 'check')),
            state VARCHAR NOT NULL CHECK (state IN ('running', 'finished', 'stopped')),
            started_at VARCHAR NOT NULL,
            ended_at VARCHAR,
            CHECK ((subject_id IS NULL) = (kind = 'day')),
            CHECK ((subject_id IS NULL) = (subject_type IS NULL)))",
        );
        DB::statement('CREATE INDEX bench_sessions_bench_id_state_index ON bench_sessions (bench_id, state)');
        DB::statement('CREATE INDEX bench_sessions_subject_index ON bench_sessions (subject_type, subject_id)');
    }

    /**
     * @param  callable(array<string, mixed>): array<string, mixed>  $convert
     * @param  bool  $keepsIds  only one of the three tables can: the diary's entries about it stay undoable
     * @return array<int, int> new numbers by the old ones
     */
    private function references(string $table, callable $convert, bool $keepsIds): array
    {
        $highest = (int) DB::table('old_references')->max('id') + (int) DB::table('references')->max('id');
        $ids = [];
        foreach (DB::table($table)->orderBy('id')->get() as $row) {
            $new = $convert((array) $row);
            $ids[(int) $row->id] = $new['id'] = $keepsIds ? (int) $row->id : ++$highest;
            DB::table('references')->insert([...$new, ...self::encoded($new, ['sizes', 'choices'])]);
        }

        return $ids;
    }

    /**
     * @param  array<int, int>  $references
     * @param  callable(array<string, mixed>): array<string, mixed>  $convert
     * @return array<int, int> new numbers by the old ones
     */
    private function tests(string $table, string $key, array $references, callable $convert): array
    {
        $keepsIds = $table === 'old_reference_tests';
        $highest =
            (int) DB::table('old_reference_tests')->max('id') + (int) DB::table('reference_tests')->max('id');
        $ids = [];
        foreach (DB::table($table)->orderBy('id')->get() as $row) {
            $new = array_diff_key($convert((array) $row), ['tool_id' => true, 'name' => true]);
            $ids[(int) $row->id] = $new['id'] = $keepsIds ? (int) $row->id : ++$highest;
            DB::table('reference_tests')->insert([
                ...$new,
                ...self::encoded($new, ['readings', 'facts']),
                'reference_id' => $references[(int) $row->$key],
            ]);
        }

        return $ids;
    }

    /**
     * @param  array<int, int>  $squareTests
     * @param  array<int, int>  $straightTests
     */
    private function sessions(array $squareTests, array $straightTests): void
    {
        foreach (DB::table('honing_sessions')->orderBy('id')->get() as $row) {
            $edge =
                $row->edge_id === null ? null : DB::table('edges')->where('id', $row->edge_id)->value('name');
            $new = SessionRows::session(
                (array) $row,
                $squareTests,
                $straightTests,
                is_string($edge) ? $edge : null,
            );
            DB::table('bench_sessions')->insert([
                ...$new,
                ...self::encoded($new, ['steps', 'counted', 'context']),
            ]);
        }
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  list<string>  $columns
     * @return array<string, string>
     */
    private static function encoded(array $row, array $columns): array
    {
        $encoded = [];
        foreach ($columns as $column) {
            $value = $row[$column];
            $encoded[$column] = json_encode(
                $value === [] && $column !== 'steps' && $column !== 'counted' ? (object) [] : $value,
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
            );
        }

        return $encoded;
    }
};
