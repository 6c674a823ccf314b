<?php

declare(strict_types=1);

namespace Database\Relay;

/** The way back of {@see SessionRows}: sessions with one subject of any kind as rows with a column for each. */
final class EarlierSessionRows
{
    private const SUBJECTS = ['edge_id', 'square_test_id', 'straight_test_id', 'tool_id', 'making_id'];

    /**
     * @param  array<string, mixed>  $row  with steps and context decoded
     * @param  string|null  $planed  what kind of reference its test is of; null: its subject is no test
     * @return array<string, mixed>|null null: sessions of that kind had no place
     */
    public static function session(array $row, ?string $planed): ?array
    {
        $column = match (true) {
            $row['subject_type'] === null => null,
            $row['subject_type'] !== 'reference-test' => "{$row['subject_type']}_id",
            $planed === 'square' => 'square_test_id',
            $planed === 'straightedge' => 'straight_test_id',
            default => '',
        };
        if ($column !== null && ! in_array($column, self::SUBJECTS, true)) {
            return null;
        }
        $context = is_array($row['context']) ? $row['context'] : [];
        $subjects = array_fill_keys(self::SUBJECTS, null);

        $kept = array_diff_key($row, array_fill_keys(['kind', 'subject_type', 'subject_id', 'context', 'steps'], true));

        return $kept + [
            'steps' => self::json(self::steps($row['steps'])),
            'condition' => $context['need'] ?? $context['state'] ?? $row['kind'],
            'becomes' => self::json(self::becomes($context)),
            ...$column === null ? $subjects : [...$subjects, $column => $row['subject_id']],
        ];
    }

    /** @return list<array<array-key, mixed>> */
    private static function steps(mixed $steps): array
    {
        $names = array_flip(SessionRows::STEPS);
        $earlier = [];
        foreach (is_array($steps) ? $steps : [] as $step) {
            $named = [];
            foreach (is_array($step) ? $step : [] as $name => $value) {
                $named[$names[$name] ?? $name] = $value;
            }
            $earlier[] = $named;
        }

        return $earlier;
    }

    /**
     * @param  array<array-key, mixed>  $context
     * @return array<array-key, mixed>
     */
    private static function becomes(array $context): array
    {
        if (isset($context['state'])) {
            return [array_diff_key($context, ['state' => true])];
        }
        $columns = array_flip(SessionRows::BECOMES);
        $edges = [];
        foreach (is_array($context['becomes'] ?? null) ? $context['becomes'] : [] as $id => $facts) {
            $edges[$id] = [];
            foreach (is_array($facts) ? $facts : [] as $name => $value) {
                if (isset($columns[$name])) {
                    $edges[$id][$columns[$name]] = $value;
                }
            }
        }

        return $edges;
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
