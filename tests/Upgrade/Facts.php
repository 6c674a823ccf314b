<?php

declare(strict_types=1);

namespace Tests\Upgrade;

use PDO;

/**
 * What a bench knows, read from either layout with SQL alone: not by the code that brings it over.
 *
 * @phpstan-type Rows list<array<string, mixed>>
 */
final class Facts
{
    /** Tables that were laid anew, or came later; every other must be the same to the last cell. */
    private const UNITED = [
        'sent_requests',
        'air_days',
        'sums',
        'set_outs',
        'work_jobs',
        'step_times',
        'eye_runs',
        'memberships',
        'sign_ins',
        'tickets',
        'attempts',
        'squares',
        'square_tests',
        'straights',
        'straight_tests',
        'references',
        'reference_tests',
        'honing_sessions',
        'bench_sessions',
        'migrations',
    ];

    /** Columns that tell what could be found out from the others, or was never asked before. */
    private const ADDED = [
        'benches' => ['brought_revision' => true, 'taken_back_at' => true],
        'diary_entries' => [
            'subject_type' => true,
            'subject_id' => true,
            'happened_on' => true,
            'part_of_id' => true,
            'typed' => true,
            'written_by' => true,
        ],
        'tools' => ['condition' => true],
        'users' => ['login' => true, 'password' => true],
        'edges' => ['nick_mm' => true],
        'photos' => ['work_job_id' => true, 'step' => true],
    ];

    /** Rows that say again what others say: an entry of the bench's diary for each of an edge's own. */
    private const WITHOUT = ['diary_entries' => " WHERE NOT (kind GLOB 'edge-*' AND changes LIKE '%\"edge_events\"%')"];

    public function __construct(private readonly PDO $base)
    {
    }

    /** @return array<string, Rows> */
    public function all(): array
    {
        $isOld = in_array('squares', $this->tables(), true);

        return [
            ...$this->untouched(),
            'references' => $this->rows($isOld ? self::OLD_REFERENCES : self::REFERENCES),
            'tests' => $this->rows($isOld ? self::OLD_TESTS : self::TESTS),
            'sessions' => $this->rows($isOld ? self::OLD_SESSIONS : self::SESSIONS),
            'steps' => $this->rows($isOld ? self::OLD_STEPS : self::STEPS),
        ];
    }

    /** @return list<string> */
    public function tables(): array
    {
        return array_map(
            strval(...),
            array_column(
                $this->rows(
                    "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name",
                ),
                'name',
            ),
        );
    }

    /** @return array<string, Rows> */
    private function untouched(): array
    {
        $tables = array_values(array_diff($this->tables(), self::UNITED));

        return array_combine(
            $tables,
            array_map(
                fn (string $table): array => array_map(
                    static fn (array $row): array => array_diff_key($row, self::ADDED[$table] ?? []),
                    $this->rows("SELECT * FROM \"$table\"".(self::WITHOUT[$table] ?? '').' ORDER BY 1, 2'),
                ),
                $tables,
            ),
        );
    }

    /** @return Rows */
    private function rows(string $sql): array
    {
        $answer = $this->base->query($sql);

        return $answer === false ? [] : array_values($answer->fetchAll());
    }

    private const RECORD = 'bench_id, version, deleted_at, created_at, tool_id, name, instrument, dropped_on, wood';

    private const OLD_REFERENCES =
        'SELECT * FROM (
        SELECT '.
        self::RECORD.
        ", 'square' AS kind, says, blade_mm AS a, blade_width_mm AS b, stock_mm AS c, stock_width_mm AS d,
            tested_length_mm AS e, line_width_mm AS line, shaving_mm AS shaving, tolerance_mm AS tolerance,
            least_mm AS least,
            CASE metal WHEN 1 THEN 'metal' ELSE 'wood' END AS blade FROM squares
        UNION ALL SELECT ".
        self::RECORD.
        ", 'straightedge', '', length_mm, height_mm, flat_to_mm, NULL, NULL, line_width_mm, shaving_mm,
            tolerance_mm, least_mm, NULL FROM straights
        UNION ALL SELECT ".
        self::RECORD.
        ", kind, '', json_extract(fields, '\$.length'), json_extract(fields, '\$.width'), NULL, NULL, NULL, NULL,
            json_extract(fields, '\$.shaving'), tolerance_mm, NULL, NULL FROM \"references\"
        ) ORDER BY kind, name, created_at";

    private const REFERENCES =
        'SELECT * FROM (
        SELECT '.
        self::RECORD.
        ", kind, description AS says, json_extract(sizes, '\$.blade') AS a, json_extract(sizes, '\$.bladeWidth') AS b,
            json_extract(sizes, '\$.stock') AS c, json_extract(sizes, '\$.stockWidth') AS d,
            json_extract(sizes, '\$.length') AS e,
            json_extract(sizes, '\$.lineWidth') AS line, json_extract(sizes, '\$.shaving') AS shaving,
            json_extract(sizes, '\$.tolerance') AS tolerance,
            json_extract(sizes, '\$.least') AS least, json_extract(choices, '\$.blade') AS blade
            FROM \"references\" WHERE kind = 'square'
        UNION ALL SELECT ".
        self::RECORD.
        ", kind, description, json_extract(sizes, '\$.length'), json_extract(sizes, '\$.height'),
            json_extract(sizes, '\$.flatTo'), NULL, NULL,
            json_extract(sizes, '\$.lineWidth'), json_extract(sizes, '\$.shaving'), json_extract(sizes,
            '\$.tolerance'), json_extract(sizes, '\$.least'), NULL
            FROM \"references\" WHERE kind = 'straightedge'
        UNION ALL SELECT ".
        self::RECORD.
        ", kind, description, json_extract(sizes, '\$.length'), json_extract(sizes, '\$.width'), NULL, NULL,
            NULL, NULL,
            json_extract(sizes, '\$.shaving'), json_extract(sizes, '\$.tolerance'), NULL, NULL
            FROM \"references\" WHERE kind NOT IN ('square', 'straightedge')
        ) ORDER BY kind, name, created_at";

    private const OLD_TESTS = "SELECT * FROM (
        SELECT name, tested_at, t.deleted_at, t.version, abs(error_mm) AS error, uncertainty_mm, verdict,
            shavings_taken IS NOT NULL AS was_planed,
            coalesce(t.edge, 'outer') AS series, json_extract(readings, '\$.farGaps') AS read, 0 AS rest
            FROM square_tests t JOIN squares r ON r.id = square_id
        UNION ALL SELECT name, tested_at, t.deleted_at, t.version, abs(straightness_mm), uncertainty_mm,
            verdict, strokes_taken IS NOT NULL, '',
            (SELECT json_group_array(json_extract(value, '\$.gap')) FROM json_each(readings, '\$.rows')),
            0 FROM straight_tests t JOIN straights r ON r.id = straight_id
        UNION ALL SELECT name, tested_at, t.deleted_at, t.version, abs(error_mm), uncertainty_mm, verdict,
            taken IS NOT NULL, '',
            json_extract(readings, '\$.gaps'), (SELECT count(*) FROM json_each(readings, '\$.figures'))
            FROM reference_tests t JOIN \"references\" r ON r.id = reference_id
        ) ORDER BY name, tested_at, error";

    private const TESTS = "SELECT name, tested_at, t.deleted_at, t.version, abs(error_mm) AS error,
            uncertainty_mm, verdict, taken IS NOT NULL AS was_planed, series,
        CASE kind WHEN 'square' THEN json_extract(readings, '\$.lists.farGaps')
            WHEN 'straightedge' THEN coalesce(json_extract(readings, '\$.lists.gap'),
            '[]') ELSE json_extract(readings, '\$.lists') END AS read,
        CASE WHEN kind IN ('square', 'straightedge') THEN 0 ELSE (SELECT count(*) FROM json_each(readings,
            '\$.figures')) END AS rest
        FROM reference_tests t JOIN \"references\" r ON r.id = reference_id ORDER BY name, tested_at, error";

    private const OLD_SESSIONS = 'SELECT s.id, s.bench_id, s.version, s.deleted_at, state, phase, at_step,
            started_at, ended_at, counted,
        coalesce(e.name, title) AS title, coalesce(q.tested_at, g.tested_at) AS of_test, s.tool_id, s.edge_id,
            s.making_id
        FROM honing_sessions s LEFT JOIN edges e ON e.id = edge_id LEFT JOIN square_tests q ON q.id = square_test_id
        LEFT JOIN straight_tests g ON g.id = straight_test_id ORDER BY s.id';

    private const SESSIONS = "SELECT s.id, s.bench_id, s.version, s.deleted_at, state, phase, at_step,
            started_at, ended_at, counted,
        title, t.tested_at AS of_test, CASE subject_type WHEN 'tool' THEN subject_id END AS tool_id,
        CASE subject_type WHEN 'edge' THEN subject_id END AS edge_id,
            CASE subject_type WHEN 'making' THEN subject_id END AS making_id
        FROM bench_sessions s
            LEFT JOIN reference_tests t ON subject_type = 'reference-test' AND t.id = subject_id ORDER BY s.id";

    private const OLD_STEPS =
        "SELECT s.id, key, json_extract(value, '\$.stone') AS title, json_extract(value, ".
        "'\$.strokes') AS count FROM honing_sessions s, json_each(steps) ORDER BY 1, 2";

    private const STEPS =
        "SELECT s.id, key, json_extract(value, '\$.title') AS title, json_extract(value, ".
        "'\$.count') AS count FROM bench_sessions s, json_each(steps) ORDER BY 1, 2";
}
