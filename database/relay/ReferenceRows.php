<?php

declare(strict_types=1);

namespace Database\Relay;

/**
 * Rows of the tables that each kind of reference once had, as rows of the one table that holds them all.
 *
 * Nothing but arrays: it must read a database of its own day whatever becomes of the models.
 */
final class ReferenceRows
{
    private const KEPT = [
        'id',
        'bench_id',
        'version',
        'deleted_at',
        'created_at',
        'updated_at',
        'tool_id',
        'name',
        'instrument',
        'dropped_on',
        'wood',
    ];

    private const LEANS = [
        'toward-stock' => 'leans toward the stock',
        'away-from-stock' => 'leans away from the stock',
        'square' => 'square as far as can be read',
    ];

    public const SHAPES = [
        'crown' => 'high in the middle',
        'hollow' => 'hollow in the middle',
        'wave' => 'wavy',
        'straight' => 'straight',
    ];

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    public static function square(array $row): array
    {
        $sizes = self::present([
            'blade' => $row['blade_mm'],
            'bladeWidth' => $row['blade_width_mm'],
            'stock' => $row['stock_mm'],
            'stockWidth' => $row['stock_width_mm'],
            'length' => $row['tested_length_mm'],
            'lineWidth' => $row['line_width_mm'],
            'shaving' => $row['shaving_mm'],
            'tolerance' => $row['tolerance_mm'],
            'least' => $row['least_mm'] ?? null,
        ]);
        $blade = (bool) ($row['metal'] ?? false) ? 'metal' : 'wood';

        return [
            ...self::kept($row),
            'kind' => 'square',
            'description' => $row['says'],
            'sizes' => $sizes,
            'choices' => ['blade' => $blade],
        ];
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    public static function squareTest(array $row): array
    {
        $readings = self::decoded($row['readings']);
        $end =
            $row['taken_off_at'] ??
            ((float) $row['error_mm'] > 0 === (($row['edge'] ?? 'outer') === 'outer') ? 'heel' : 'tip');
        $strokes = $row['shavings_taken'] ?? null;
        $taken = match (true) {
            $strokes === null => null,
            (int) $strokes === 0 => "rubbed down at the $end",
            (int) $strokes === 1 => "1 shaving off the $end",
            default => "$strokes shavings off the $end",
        };
        $inner = ($row['edge'] ?? 'outer') === 'inner' ? ', inner edge' : '';

        return [
            ...self::keptOfTest($row),
            'series' => $row['edge'] ?? 'outer',
            'readings' => isset($readings['against'])
                ? $readings
                : self::typed(
                    $readings,
                    ['farGaps' => $readings['farGaps'] ?? []],
                    ['edge' => $row['edge'] ?? 'outer'],
                ),
            'facts' => ['end' => $end, 'lean' => $row['lean']],
            'error_mm' => $row['error_mm'],
            'found' => (self::LEANS[$row['lean']] ?? $row['lean']).$inner,
            'strokes' => $strokes,
            'taken' => $taken,
        ];
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    public static function straightedge(array $row): array
    {
        $sizes = self::present([
            'length' => $row['length_mm'],
            'height' => $row['height_mm'] ?? null,
            'least' => $row['least_mm'] ?? null,
            'lineWidth' => $row['line_width_mm'],
            'shaving' => $row['shaving_mm'],
            'tolerance' => $row['tolerance_mm'],
            'flatTo' => $row['flat_to_mm'] ?? 0.02,
        ]);

        return [...self::kept($row), 'kind' => 'straightedge', 'description' => '', 'sizes' => $sizes, 'choices' => []];
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    public static function straightedgeTest(array $row): array
    {
        $readings = self::decoded($row['readings']);
        $rows = is_array($readings['rows'] ?? null) ? $readings['rows'] : [];
        $strokes = $row['strokes_taken'] ?? null;
        $taken = match (true) {
            $strokes === null => null,
            (int) $strokes === 1 => '1 stroke taken',
            default => "$strokes strokes taken",
        };
        $lists = ['at' => array_column($rows, 'at'), 'gap' => array_column($rows, 'gap')];
        $facts = array_intersect_key($readings, [
            'against' => true,
            'stationsMm' => true,
            'deviationMm' => true,
            'shavings' => true,
        ]);

        return [
            ...self::keptOfTest($row),
            'series' => '',
            'readings' => self::typed($readings, $lists, ['against' => $readings['against'] ?? 'reversal']),
            'facts' => array_filter($facts, static fn (mixed $fact): bool => $fact !== null),
            'error_mm' => ($row['shape'] === 'hollow' ? -1 : 1) * (float) $row['straightness_mm'],
            'found' => self::SHAPES[$row['shape']] ?? $row['shape'],
            'strokes' => $strokes,
            'taken' => $taken,
        ];
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    public static function other(array $row): array
    {
        $sizes = ['tolerance' => (float) $row['tolerance_mm'], ...self::decoded($row['fields'])];

        return [...self::kept($row), 'kind' => $row['kind'], 'description' => '', 'sizes' => $sizes, 'choices' => []];
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    public static function otherTest(array $row): array
    {
        $readings = self::decoded($row['readings']);
        $figures = is_array($readings['figures'] ?? null) ? $readings['figures'] : [];
        $lists = is_array($readings['gaps'] ?? null) ? $readings['gaps'] : [];
        $taken = $row['taken'] ?? null;

        return [
            ...self::keptOfTest($row),
            'series' => '',
            'readings' => self::typed($figures, $lists, []),
            'facts' => [],
            'error_mm' => $row['error_mm'],
            'found' => $row['found'] ?? null,
            // How many they were stands in the words, where it was counted.
            'strokes' => is_string($taken) && preg_match('/^(\d+) (?:shavings?|strokes?)/', $taken, $count) === 1
                    ? (int) $count[1]
                    : null,
            'taken' => $taken,
        ];
    }

    /**
     * @param  array<array-key, mixed>  $figures
     * @param  array<array-key, mixed>  $lists
     * @param  array<string, mixed>  $choices
     * @return array<string, mixed>
     */
    private static function typed(array $figures, array $lists, array $choices): array
    {
        $figures = array_filter(
            $figures,
            static fn (mixed $value, int|string $name): bool => is_string($value) && $name !== 'against',
            ARRAY_FILTER_USE_BOTH,
        );
        if (isset($figures['width'], $lists['farGaps'])) {
            $figures['bladeWidth'] = $figures['width'];
            unset($figures['width']);
        }

        return ['figures' => $figures, 'lists' => $lists, 'choices' => $choices];
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function kept(array $row): array
    {
        return array_intersect_key($row, array_fill_keys(self::KEPT, true));
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function keptOfTest(array $row): array
    {
        return array_intersect_key(
            $row,
            array_fill_keys([...self::KEPT, 'tested_at', 'uncertainty_mm', 'verdict'], true),
        );
    }

    /** @return array<array-key, mixed> */
    private static function decoded(mixed $json): array
    {
        $value = is_string($json) ? json_decode($json, true, flags: JSON_THROW_ON_ERROR) : $json;

        return is_array($value) ? $value : [];
    }

    /**
     * @param  array<string, mixed>  $sizes
     * @return array<string, float>
     */
    private static function present(array $sizes): array
    {
        return array_map(
            static fn (mixed $mm): float => is_numeric($mm) ? (float) $mm : 0.0,
            array_filter($sizes, static fn (mixed $mm): bool => $mm !== null),
        );
    }
}
