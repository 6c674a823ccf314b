<?php

declare(strict_types=1);

namespace Database\Relay;

use Illuminate\Support\Facades\DB;
use RuntimeException;

/** Lays the tables that references and sessions once had, and brings everything back into them, or refuses. */
final class EarlierTables
{
    private const RECORD = '
        id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL,
        bench_id INTEGER NOT NULL REFERENCES benches (id) ON DELETE CASCADE,
        version INTEGER NOT NULL DEFAULT 1,
        deleted_at DATETIME,
        created_at DATETIME,
        updated_at DATETIME,';

    private const TOOL = 'tool_id INTEGER NOT NULL REFERENCES tools (id) ON DELETE CASCADE, name VARCHAR NOT NULL,';

    private const LATER = 'dropped_on VARCHAR, wood TEXT,';

    private const TABLES = [
        'squares' => self::TOOL.
            'says VARCHAR NOT NULL, blade_mm FLOAT NOT NULL, blade_width_mm FLOAT NOT NULL, stock_mm FLOAT NOT NULL,
            stock_width_mm FLOAT NOT NULL, tested_length_mm FLOAT NOT NULL, line_width_mm FLOAT NOT NULL,
            shaving_mm FLOAT NOT NULL, tolerance_mm FLOAT NOT NULL, instrument VARCHAR NOT NULL,'.
            self::LATER.
            'metal TINYINT(1) NOT NULL DEFAULT 0, least_mm FLOAT',
        'square_tests' => 'square_id INTEGER NOT NULL REFERENCES squares (id) ON DELETE CASCADE,
            tested_at VARCHAR NOT NULL, readings TEXT NOT NULL, error_mm FLOAT NOT NULL, uncertainty_mm FLOAT NOT NULL,
            lean VARCHAR NOT NULL, verdict VARCHAR NOT NULL, shavings_taken INTEGER, taken_off_at VARCHAR,
            edge VARCHAR NOT NULL DEFAULT \'outer\'',
        'straights' => self::TOOL.
            'length_mm FLOAT NOT NULL, height_mm FLOAT, least_mm FLOAT, line_width_mm FLOAT NOT NULL DEFAULT 0.05,
            shaving_mm FLOAT NOT NULL DEFAULT 0.05, tolerance_mm FLOAT NOT NULL DEFAULT 0.1,
            instrument VARCHAR NOT NULL DEFAULT \'loupe\','.
            self::LATER.
            'flat_to_mm FLOAT NOT NULL DEFAULT 0.02',
        'straight_tests' => 'straight_id INTEGER NOT NULL REFERENCES straights (id) ON DELETE CASCADE,
            tested_at VARCHAR NOT NULL, readings TEXT NOT NULL, straightness_mm FLOAT NOT NULL,
            uncertainty_mm FLOAT NOT NULL, shape VARCHAR NOT NULL, verdict VARCHAR NOT NULL, strokes_taken INTEGER',
        'references' => 'tool_id INTEGER REFERENCES tools (id) ON DELETE CASCADE, kind VARCHAR NOT NULL,
            name VARCHAR NOT NULL, fields TEXT NOT NULL, tolerance_mm FLOAT NOT NULL,
            instrument VARCHAR NOT NULL DEFAULT \'feeler\', dropped_on VARCHAR, wood TEXT',
        'reference_tests' => 'reference_id INTEGER NOT NULL REFERENCES "references" (id) ON DELETE CASCADE,
            tested_at VARCHAR NOT NULL, readings TEXT NOT NULL, error_mm FLOAT NOT NULL,
            uncertainty_mm FLOAT NOT NULL, verdict VARCHAR NOT NULL, found VARCHAR, taken VARCHAR',
        'honing_sessions' => 'edge_id INTEGER REFERENCES edges (id) ON DELETE CASCADE, condition VARCHAR NOT NULL,
            steps TEXT NOT NULL, counted TEXT NOT NULL, at_step INTEGER NOT NULL DEFAULT 0, phase VARCHAR NOT NULL,
            state VARCHAR NOT NULL, started_at VARCHAR NOT NULL, ended_at VARCHAR, becomes TEXT NOT NULL DEFAULT \'{}\',
            title VARCHAR NOT NULL DEFAULT \'\',
            square_test_id INTEGER REFERENCES square_tests (id) ON DELETE CASCADE,
            straight_test_id INTEGER REFERENCES straight_tests (id) ON DELETE CASCADE,
            tool_id INTEGER REFERENCES tools (id) ON DELETE SET NULL,
            making_id INTEGER REFERENCES makings (id) ON DELETE CASCADE',
    ];

    /** @var array<int, string> what kind of reference each is, by its number */
    private array $kinds = [];

    /** @var array<int, int> the reference of each test */
    private array $tested = [];

    /** @throws RuntimeException naming what had no place in the earlier tables; nothing is changed then */
    public function bringBack(): void
    {
        DB::transaction(function (): void {
            foreach (['references', 'reference_tests'] as $table) {
                DB::statement("DROP INDEX {$table}_bench_id_deleted_at_index");
                DB::statement("ALTER TABLE \"$table\" RENAME TO \"new_$table\"");
            }
            foreach (self::TABLES as $table => $columns) {
                DB::statement("CREATE TABLE \"$table\" (".self::RECORD.$columns.')');
                DB::statement("CREATE INDEX {$table}_bench_id_deleted_at_index ON \"$table\" (bench_id, deleted_at)");
            }
            $this->references();
            $this->tests();
            $this->sessions();
            foreach (['bench_sessions', 'new_reference_tests', 'new_references'] as $table) {
                DB::statement("DROP TABLE $table");
            }
        });
    }

    private function references(): void
    {
        foreach (self::rows('new_references', ['sizes', 'choices']) as $row) {
            $of = EarlierReferenceRows::of($row);
            $this->kinds[(int) $row['id']] = $of;
            $earlier = EarlierReferenceRows::reference($row);
            self::refuseUnless(EarlierReferenceRows::isHeld($of, $row, $earlier), (string) $row['name']);
            DB::table(EarlierReferenceRows::TABLES[$of][0])->insert($earlier);
        }
    }

    private function tests(): void
    {
        foreach (self::rows('new_reference_tests', ['readings', 'facts']) as $row) {
            $this->tested[(int) $row['id']] = (int) $row['reference_id'];
            $of = $this->kinds[(int) $row['reference_id']];
            $earlier = EarlierReferenceRows::test($of, $row);
            self::refuseUnless(EarlierReferenceRows::isHeld($of, $row, $earlier), "a test of {$row['tested_at']}");
            DB::table(EarlierReferenceRows::TABLES[$of][1])->insert($earlier);
        }
    }

    private function sessions(): void
    {
        foreach (self::rows('bench_sessions', ['steps', 'context']) as $row) {
            $isTest = $row['subject_type'] === 'reference-test';
            $of = $isTest ? $this->kinds[$this->tested[(int) $row['subject_id']]] : null;
            $earlier = EarlierSessionRows::session($row, $of);
            self::refuseUnless($earlier !== null, "bench work on {$row['title']}");
            DB::table('honing_sessions')->insert((array) $earlier);
        }
    }

    /**
     * @param  list<string>  $decoded
     * @return list<array<string, mixed>>
     */
    private static function rows(string $table, array $decoded): array
    {
        $rows = [];
        foreach (DB::table($table)->orderBy('id')->get() as $object) {
            $row = (array) $object;
            foreach ($decoded as $column) {
                $row[$column] = json_decode((string) $row[$column], true, flags: JSON_THROW_ON_ERROR);
            }
            $rows[] = $row;
        }

        return $rows;
    }

    private static function refuseUnless(bool $isHeld, string $what): void
    {
        if (! $isHeld) {
            throw new RuntimeException(
                "The earlier tables have no place for $what, so nothing was changed. The bench as it was before lies ".
                    'in the data folder under copies/.',
            );
        }
    }
}
