<?php

declare(strict_types=1);

namespace Bench;

use App\Climate\AirDays;
use PDO;
use RuntimeException;

/**
 * The demo bench grown to ten years of a busy shop: its own rows again and again, further and further back, so that
 * every row is one that the application wrote.
 */
final class HeavyBench
{
    public const TOOLS = 300;

    public const EDGES = 60;

    public const EDGE_EVENTS = 12_000;

    public const SESSIONS = 1_500;

    public const REFERENCES = 40;

    public const TESTS_EACH = 40;

    public const DIARY = 20_000;

    public const YEARS_OF_AIR = 10;

    private const USES = 4_000;

    private const CARE_ROUNDS = 400;

    private const DAYS = 3650;

    private const SECONDS_PER_DAY = 86_400;

    private readonly PDO $base;

    /** @param  string  $path  of a database with the demo bench in it */
    public function __construct(string $path)
    {
        $this->base = new PDO("sqlite:$path");
        $this->base->exec('PRAGMA journal_mode = WAL');
    }

    public function grow(): void
    {
        $this->base->beginTransaction();
        $tools = $this->more('tools', self::TOOLS, self::named(...));
        $edges = $this->more('edges', self::EDGES, static fn (array $row, int $copy): array => self::named([
            ...$row,
            'tool_id' => $tools[$copy][$row['tool_id']] ?? $row['tool_id'],
        ], $copy));
        $this->more('edge_events', self::EDGE_EVENTS, self::laterOf('edge_id', $edges, ['happened_at']));
        $this->more('bench_sessions', self::SESSIONS, self::earlier(['started_at', 'ended_at'], self::SESSIONS));
        $references = $this->more('references', self::REFERENCES, self::named(...));
        $this->more(
            'reference_tests',
            self::REFERENCES * self::TESTS_EACH,
            self::laterOf('reference_id', $references, ['tested_at']),
        );
        $this->more('tool_uses', self::USES, self::laterOf('tool_id', $tools, ['used_on']));
        $this->more('care_rounds', self::CARE_ROUNDS, self::earlier(['done_on'], self::CARE_ROUNDS));
        $this->more('diary_entries', self::DIARY, static fn (array $row, int $copy, int $number): array => [
            ...self::earlier(['written_at', 'happened_on'], self::DIARY)($row, $copy, $number),
            'undoes_id' => null,
            'part_of_id' => null,
        ]);
        $this->more('climate_stretches', self::YEARS_OF_AIR, self::yearBefore(...));
        $this->sumTheAir();
        $this->base->exec('UPDATE benches SET revision = revision + 1');
        $this->base->commit();
        $this->base->exec('PRAGMA wal_checkpoint(TRUNCATE); ANALYZE');
    }

    private function sumTheAir(): void
    {
        $read = $this->base->query(
            'SELECT id, readings FROM climate_stretches
            WHERE id NOT IN (SELECT climate_stretch_id FROM air_days)',
            PDO::FETCH_ASSOC,
        );
        /** @var list<array{id: int, readings: string}> $rows */
        $rows = $read === false ? [] : $read->fetchAll();
        $insert = $this->base->prepare(
            'INSERT INTO air_days (climate_stretch_id, readings, from_second, until_second, days)
            VALUES (:id, :readings, :from_second, :until_second, :days)',
        );
        foreach ($rows as $row) {
            /** @var list<array{int, float, float}> $readings */
            $readings = json_decode($row['readings'], true, flags: JSON_THROW_ON_ERROR);
            $columns = AirDays::columns(array_map(
                static fn (array $one): array => [$one[0] / self::SECONDS_PER_DAY, (float) $one[1], (float) $one[2]],
                $readings,
            ));
            $insert->execute([
                ...$columns,
                'id' => $row['id'],
                'days' => json_encode($columns['days'], JSON_THROW_ON_ERROR),
            ]);
        }
    }

    /**
     * Copies rows until there are so many.
     *
     * @param  callable(array<string, mixed>, int, int): array<string, mixed>  $changed  the row, which copy of all it
     *     is, and how many there are by then
     * @return array<int, array<int, int>> new id by old id, copy by copy
     */
    private function more(string $table, int $count, callable $changed): array
    {
        $read = $this->base->query("SELECT * FROM \"$table\" ORDER BY id", PDO::FETCH_ASSOC);
        /** @var list<array<string, mixed>> $rows */
        $rows = $read === false ? [] : $read->fetchAll();
        if ($rows === []) {
            throw new RuntimeException("The demo has nothing in $table.");
        }
        $columns = array_keys(array_diff_key($rows[0], ['id' => true]));
        $insert = $this->base->prepare(sprintf(
            'INSERT INTO "%s" (%s) VALUES (%s)',
            $table,
            implode(', ', $columns),
            implode(', ', array_fill(0, count($columns), '?')),
        ));
        $ids = [];
        for ($number = count($rows), $copy = 1; $number < $count; $copy++) {
            foreach ($rows as $row) {
                if ($number++ >= $count) {
                    break;
                }
                $new = $changed($row, $copy, $number);
                $insert->execute(array_map(static fn (string $column): mixed => $new[$column], $columns));
                $ids[$copy][is_numeric($row['id']) ? (int) $row['id'] : 0] = (int) $this->base->lastInsertId();
            }
        }

        return $ids;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function named(array $row, int $copy): array
    {
        return [...$row, 'name' => (is_string($row['name']) ? $row['name'] : '')." $copy"];
    }

    /**
     * Further back the more there are of them, spread over all the years.
     *
     * @param  list<string>  $dates
     * @return callable(array<string, mixed>, int, int): array<string, mixed>
     */
    private static function earlier(array $dates, int $count): callable
    {
        return static function (array $row, int $copy, int $number) use ($dates, $count): array {
            $days = intdiv($number * self::DAYS, $count);
            foreach ($dates as $date) {
                $row[$date] = is_string($row[$date]) ? self::before($row[$date], $days) : $row[$date];
            }

            return $row;
        };
    }

    /**
     * The same of a copied record, or of the record itself where there are no more copies of it.
     *
     * @param  array<int, array<int, int>>  $ids  of the records they belong to
     * @param  list<string>  $dates
     * @return callable(array<string, mixed>, int, int): array<string, mixed>
     */
    private static function laterOf(string $column, array $ids, array $dates): callable
    {
        $copies = count($ids) + 1;

        return static function (array $row, int $copy, int $number) use ($column, $ids, $dates, $copies): array {
            $old = is_numeric($row[$column]) ? (int) $row[$column] : 0;
            $days = 365 * intdiv($copy, $copies);
            foreach ($dates as $date) {
                $row[$date] = is_string($row[$date]) ? self::before($row[$date], min(self::DAYS, $days)) : $row[$date];
            }

            return [...$row, $column => $ids[$copy % $copies][$old] ?? $old];
        };
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function yearBefore(array $row, int $copy): array
    {
        foreach (['readings', 'rests'] as $column) {
            /** @var list<non-empty-list<int|float>> $points */
            $points = json_decode(is_string($row[$column]) ? $row[$column] : '[]', true, flags: JSON_THROW_ON_ERROR);
            // The last reading of a year is the first one of the next.
            array_pop($points);
            $shifted = array_map(
                static fn (array $point): array => [$point[0] - $copy * 365 * self::SECONDS_PER_DAY,
                    ...array_slice($point, 1)],
                $points,
            );
            $row[$column] = json_encode($shifted, JSON_THROW_ON_ERROR);
        }

        return [...$row, 'name' => "the shed $copy years before"];
    }

    /** A day or a time in ISO 8601, so many days before. */
    private static function before(string $iso, int $days): string
    {
        $day = gmdate('Y-m-d', (int) strtotime(substr($iso, 0, 10).'T00:00:00Z') - $days * self::SECONDS_PER_DAY);

        return $day.substr($iso, 10);
    }
}
