<?php

declare(strict_types=1);

namespace Database\Relay;

/**
 * The way back of {@see ReferenceRows}: rows of the one table as rows of the tables that each kind of reference had.
 *
 * What had no place in those tables (a comparison of three edges, a board under winding sticks) is not converted:
 * {@see isHeld()} tells it by converting there and back.
 */
final class EarlierReferenceRows
{
    /** Where each kind lay: its table, its table of tests and what a test called its reference. */
    public const TABLES = [
        'square' => ['squares', 'square_tests', 'square_id'],
        'straightedge' => ['straights', 'straight_tests', 'straight_id'],
        'other' => ['references', 'reference_tests', 'reference_id'],
    ];

    /** What comes back from there and back must be the same in these; the rest follows from them. */
    private const FACTS = [
        'kind', 'name', 'description', 'sizes', 'choices', 'series', 'readings', 'error_mm', 'found',
    ];

    /** @param  array<string, mixed>  $row */
    public static function of(array $row): string
    {
        return match ($row['kind']) {
            'square', 'straightedge' => $row['kind'],
            default => 'other',
        };
    }

    /**
     * @param  array<string, mixed>  $row  with sizes and choices decoded
     * @return array<string, mixed>
     */
    public static function reference(array $row): array
    {
        return match (self::of($row)) {
            'square' => self::square($row),
            'straightedge' => self::straightedge($row),
            default => self::other($row),
        };
    }

    /**
     * @param  array<string, mixed>  $row  with readings and facts decoded
     * @return array<string, mixed>
     */
    public static function test(string $of, array $row): array
    {
        $kept = array_diff_key($row, array_fill_keys(
            ['series', 'readings', 'facts', 'found', 'strokes', 'taken', 'error_mm', 'reference_id'],
            true,
        ));
        $its = [self::TABLES[$of][2] => $row['reference_id']];

        return $kept + $its + match ($of) {
            'square' => self::squareTest($row),
            'straightedge' => self::straightedgeTest($row),
            default => self::otherTest($row),
        };
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  array<string, mixed>  $earlier
     */
    public static function isHeld(string $of, array $row, array $earlier): bool
    {
        if (array_key_exists('sizes', $row) && $of !== 'other' && $row['tool_id'] === null) {
            return false;
        }
        $back = match (true) {
            array_key_exists('sizes', $row) => match ($of) {
                'square' => ReferenceRows::square($earlier),
                'straightedge' => ReferenceRows::straightedge($earlier),
                default => ReferenceRows::other($earlier),
            },
            $of === 'square' => ReferenceRows::squareTest($earlier),
            $of === 'straightedge' => ReferenceRows::straightedgeTest($earlier),
            default => ReferenceRows::otherTest($earlier),
        };
        foreach (self::FACTS as $fact) {
            $isThere = array_key_exists($fact, $row) && array_key_exists($fact, $back);
            if ($isThere && self::canonical($row[$fact]) !== self::canonical($back[$fact])) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function square(array $row): array
    {
        $sizes = self::listed($row['sizes']);
        $blade = $sizes['blade'] ?? 200.0;

        return self::kept($row) + [
            'says' => $row['description'],
            'blade_mm' => $blade,
            'blade_width_mm' => $sizes['bladeWidth'] ?? 40.0,
            'stock_mm' => $sizes['stock'] ?? 120.0,
            'stock_width_mm' => $sizes['stockWidth'] ?? 40.0,
            'tested_length_mm' => $sizes['length'] ?? $blade,
            'line_width_mm' => $sizes['lineWidth'] ?? 0.05,
            'shaving_mm' => $sizes['shaving'] ?? 0.05,
            'tolerance_mm' => $sizes['tolerance'] ?? 0.1,
            'metal' => (self::listed($row['choices'])['blade'] ?? 'wood') === 'metal' ? 1 : 0,
            'least_mm' => $sizes['least'] ?? null,
        ];
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function straightedge(array $row): array
    {
        $sizes = self::listed($row['sizes']);

        return self::kept($row) + [
            'length_mm' => $sizes['length'] ?? 900.0,
            'height_mm' => $sizes['height'] ?? null,
            'least_mm' => $sizes['least'] ?? null,
            'line_width_mm' => $sizes['lineWidth'] ?? 0.05,
            'shaving_mm' => $sizes['shaving'] ?? 0.05,
            'tolerance_mm' => $sizes['tolerance'] ?? 0.1,
            'flat_to_mm' => $sizes['flatTo'] ?? 0.02,
        ];
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function other(array $row): array
    {
        return self::kept($row) + [
            'kind' => $row['kind'],
            'fields' => self::json($row['sizes']),
            'tolerance_mm' => self::listed($row['sizes'])['tolerance'] ?? 0.1,
        ];
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function squareTest(array $row): array
    {
        $facts = self::listed($row['facts']);
        $readings = self::listed($row['readings']);

        return [
            'readings' => self::json(isset($readings['against']) ? $readings : self::flat($readings, ['farGaps'])),
            'error_mm' => $row['error_mm'],
            'lean' => $facts['lean'] ?? 'square',
            'shavings_taken' => $row['strokes'],
            'taken_off_at' => $row['strokes'] === null ? null : $facts['end'] ?? null,
            'edge' => $row['series'],
        ];
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function straightedgeTest(array $row): array
    {
        $readings = self::listed($row['readings']);
        $lists = self::listed($readings['lists'] ?? []);
        $rows = array_map(
            static fn (mixed $at, mixed $gap): array => ['at' => $at, 'gap' => $gap],
            self::listed($lists['at'] ?? []),
            self::listed($lists['gap'] ?? []),
        );
        $against = self::listed($readings['choices'] ?? [])['against'] ?? 'reversal';

        return [
            'readings' => self::json(
                ['rows' => $rows, ...self::flat($readings, []), 'against' => $against] + self::listed($row['facts']),
            ),
            'straightness_mm' => abs((float) (is_numeric($row['error_mm']) ? $row['error_mm'] : 0)),
            'shape' => array_flip(ReferenceRows::SHAPES)[$row['found']] ?? (string) $row['found'],
            'strokes_taken' => $row['strokes'],
        ];
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function otherTest(array $row): array
    {
        $readings = self::listed($row['readings']);

        return [
            'readings' => self::json([
                'figures' => $readings['figures'] ?? [],
                'gaps' => $readings['lists'] ?? [],
            ]),
            'error_mm' => $row['error_mm'],
            'found' => $row['found'],
            'taken' => $row['taken'],
        ];
    }

    /**
     * @param  array<array-key, mixed>  $readings
     * @param  list<string>  $lists
     * @return array<array-key, mixed>
     */
    private static function flat(array $readings, array $lists): array
    {
        $figures = self::listed($readings['figures'] ?? []);
        if ($lists !== [] && isset($figures['bladeWidth'])) {
            $figures['width'] = $figures['bladeWidth'];
            unset($figures['bladeWidth']);
        }

        return $figures + array_intersect_key(self::listed($readings['lists'] ?? []), array_flip($lists));
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function kept(array $row): array
    {
        return array_diff_key(
            $row,
            array_fill_keys(['kind', 'description', 'sizes', 'choices'], true),
        );
    }

    /** Whatever order its keys stand in, and whether a number was written with a point. */
    private static function canonical(mixed $value): string
    {
        $sorted = static function (mixed $part) use (&$sorted): mixed {
            if (is_array($part)) {
                ksort($part);

                return array_map($sorted, $part);
            }

            return $part;
        };

        return self::json($sorted($value));
    }

    /** @return array<array-key, mixed> */
    private static function listed(mixed $value): array
    {
        return is_array($value) ? $value : [];
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
