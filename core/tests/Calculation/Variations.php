<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Calculation;

use JackRest\Core\Catalogue\Catalogue;

/** One question asked in many ways: each value of it changed in turn, each option given that was left out. */
final class Variations
{
    /** Round factors would fall on limits. */
    private const FACTORS = [1.37, 0.61, -1.0];

    /** For a text that may be any: none, nought, too small, between two sizes of most scales, too large. */
    private const STRINGS = ['', '0', '-3', '55', '99999', 'coarse'];

    /** @return iterable<string> the same question as JSON, changed in one place at a time */
    public static function of(string $calculation, string $example): iterable
    {
        yield $example;
        /** @var array{properties: array<string, array<string, mixed>>} $schema */
        $schema = Catalogue::named($calculation)->schema()['input'];
        foreach (self::changed(json_decode($example), $schema) as $tree) {
            yield json_encode($tree, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        }
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return iterable<mixed>
     */
    private static function changed(mixed $value, array $schema): iterable
    {
        yield from match (true) {
            is_object($value) => self::object((array) $value, $schema),
            is_array($value) => self::list($value, (array) ($schema['items'] ?? [])),
            isset($schema['enum']) => array_values(array_diff((array) $schema['enum'], [$value])),
            is_bool($value) => [! $value],
            is_int($value) || is_float($value) => self::number($value, $schema),
            is_string($value) => array_values(array_diff(self::STRINGS, [$value])),
            default => [],
        };
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return list<int|float>
     */
    private static function number(int|float $value, array $schema): array
    {
        $others = array_map(static fn (float $factor): float => round($value * $factor, 4), self::FACTORS);

        return ($schema['type'] ?? '') === 'integer' ? [(int) $value + 1, (int) $value - 1, 0] : [...$others, 0];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  array<string, mixed>  $schema
     * @return iterable<object>
     */
    private static function object(array $fields, array $schema): iterable
    {
        /** @var array<string, array<string, mixed>> $known */
        $known = $schema['properties'] ?? [];
        foreach ($fields as $name => $value) {
            foreach (self::changed($value, $known[$name] ?? []) as $other) {
                yield (object) [...$fields, $name => $other];
            }
            yield (object) array_diff_key($fields, [$name => true]);
        }
        foreach (array_diff_key($known, $fields) as $name => $of) {
            foreach (self::given($of) as $other) {
                yield (object) [...$fields, $name => $other];
            }
        }
    }

    /**
     * @param  array<mixed>  $list
     * @param  array<string, mixed>  $schema
     * @return iterable<array<mixed>>
     */
    private static function list(array $list, array $schema): iterable
    {
        foreach ($list as $place => $value) {
            foreach (self::changed($value, $schema) as $other) {
                yield array_replace($list, [$place => $other]);
            }
        }
        if (count($list) > 1) {
            yield array_slice($list, 0, -1);
            yield array_reverse($list);
            yield [...$list, $list[0]];
        }
        yield [];
    }

    /**
     * @param  array<string, mixed>  $schema  of an option that was left out
     * @return list<mixed>
     */
    private static function given(array $schema): array
    {
        $default = $schema['default'] ?? null;

        return match ($schema['type'] ?? '') {
            'number' => is_numeric($default) && (float) $default !== 0.0
                ? [round(1.3 * (float) $default, 4), round(0.7 * (float) $default, 4)]
                : [0.07, 0.8, 13.0, 140.0],
            'integer' => is_int($default) ? [$default + 1, $default + 2] : [1, 2, 5],
            'boolean' => [$default !== true],
            'string' => array_values((array) ($schema['enum'] ?? ['some name'])),
            default => [],
        };
    }
}
