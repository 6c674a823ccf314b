<?php

declare(strict_types=1);

namespace Database\Relay;

/** Sessions as they were kept beside a column for each subject, as rows with one subject of any kind. */
final class SessionRows
{
    public const STEPS = [
        'stone' => 'title',
        'strokes' => 'count',
        'edge' => 'beside',
        'modelStrokes' => 'modelCount',
    ];

    public const BECOMES = [
        'micro_width_mm' => 'microWidthMm',
        'primary_deg' => 'primaryDeg',
        'secondary_deg' => 'secondaryDeg',
        'honed_mm' => 'honedMm',
        'recession' => 'recessionMm',
    ];

    /**
     * @param  array<string, mixed>  $row
     * @param  array<int, int>  $squareTests  new numbers of tests by their old ones
     * @param  array<int, int>  $straightTests
     * @param  string|null  $edge  the name of its one edge
     * @return array<string, mixed>
     */
    public static function session(array $row, array $squareTests, array $straightTests, ?string $edge): array
    {
        [$kind, $type, $id] = match (true) {
            $row['making_id'] !== null => ['making', 'making', $row['making_id']],
            $row['square_test_id'] !== null => [
                'planing',
                'reference-test',
                $squareTests[(int) $row['square_test_id']],
            ],
            $row['straight_test_id'] !== null => [
                'planing',
                'reference-test',
                $straightTests[(int) $row['straight_test_id']],
            ],
            $row['tool_id'] !== null => [self::filing((string) $row['condition']), 'tool', $row['tool_id']],
            $row['edge_id'] !== null => ['honing', 'edge', $row['edge_id']],
            default => ['day', null, null],
        };

        return [
            'kind' => $kind,
            'subject_type' => $type,
            'subject_id' => $id,
            'title' => $edge ?? $row['title'],
            'steps' => array_map(self::step(...), self::decoded($row['steps'])),
            'counted' => self::decoded($row['counted']),
            'context' => self::context($kind, (string) $row['condition'], self::decoded($row['becomes'])),
        ] +
            array_diff_key(
                $row,
                array_fill_keys(
                    ['edge_id', 'condition', 'becomes', 'square_test_id', 'straight_test_id', 'tool_id', 'making_id'],
                    true,
                ),
            );
    }

    private static function filing(string $condition): string
    {
        return match ($condition) {
            'turned' => 'turning',
            'auger-filed' => 'bit-filing',
            default => 'filing',
        };
    }

    /**
     * @param  array<string, mixed>  $step
     * @return array<string, mixed>
     */
    private static function step(array $step): array
    {
        $named = [];
        foreach ($step as $name => $value) {
            $named[self::STEPS[$name] ?? $name] = $value;
        }

        return $named + ['kind' => 'hone'];
    }

    /**
     * @param  array<array-key, mixed>  $becomes
     * @return array<string, mixed>
     */
    private static function context(string $kind, string $condition, array $becomes): array
    {
        if ($kind === 'filing' || $kind === 'turning' || $kind === 'bit-filing') {
            return ['state' => $condition, ...is_array($becomes[0] ?? null) ? $becomes[0] : []];
        }
        if ($kind !== 'honing' && $kind !== 'day') {
            return [];
        }
        $edges = [];
        foreach ($becomes as $id => $columns) {
            $named = [];
            foreach (is_array($columns) ? $columns : [] as $column => $value) {
                if (isset(self::BECOMES[$column])) {
                    $named[self::BECOMES[$column]] = $value;
                }
            }
            $edges[$id] = $named;
        }

        return ['need' => $condition, 'becomes' => $edges];
    }

    /** @return array<array-key, mixed> */
    private static function decoded(mixed $json): array
    {
        $value = is_string($json) ? json_decode($json, true, flags: JSON_THROW_ON_ERROR) : $json;

        return is_array($value) ? $value : [];
    }
}
