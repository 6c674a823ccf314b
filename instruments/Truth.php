<?php

declare(strict_types=1);

namespace Instruments;

use RuntimeException;

/** What an instrument is pointed at: the true value at each place, by straight lines between those known. */
final readonly class Truth
{
    /** @param  non-empty-list<array{float, float}>  $points  place in mm and value, ascending */
    private function __construct(public string $name, private array $points)
    {
    }

    /**
     * A reference of the demo bench, as its last test found it: the gap that a reversal test shows.
     *
     * @throws RuntimeException when the demo bench has no such reference
     */
    public static function ofDemo(string $name): self
    {
        /** @var array{tools: list<array<string, mixed>>} $demo */
        $demo = json_decode(
            (string) file_get_contents(__DIR__.'/../demo/orchard-row.json'),
            true,
            flags: JSON_THROW_ON_ERROR,
        );
        foreach (self::references($demo) as $reference) {
            if ($reference['name'] === $name) {
                return new self($name, self::points($reference));
            }
        }
        throw new RuntimeException("the demo bench has no “{$name}”");
    }

    /** The air of the shed over the day that a moment lies in. Place counts hours here. */
    public static function ofShed(Kind $kind, int $moment): self
    {
        $midnight = intdiv($moment, 86400) * 86400;
        $read = static fn (int $hour): float => Shed::air($midnight + 3600 * $hour)[
            $kind === Kind::Thermometer ? 0 : 1
        ];

        return new self(
            'the shed',
            array_map(static fn (int $hour): array => [(float) $hour, $read($hour)], range(0, 24)),
        );
    }

    public function at(float $place): float
    {
        $before = $this->points[0];
        foreach ($this->points as $point) {
            if ($place <= $point[0]) {
                return $point[0] === $before[0]
                    ? $point[1]
                    : $before[1] +
                            (($point[1] - $before[1]) * ($place - $before[0])) / ($point[0] - $before[0]);
            }
            $before = $point;
        }

        return $before[1];
    }

    /**
     * @param  array<mixed>  $demo
     * @return list<array<string, mixed>>
     */
    private static function references(array $demo): array
    {
        $found = [];
        foreach ($demo as $key => $value) {
            if (is_array($value)) {
                $isReference = isset($value['tests'], $value['name']);
                $found = [...$found, ...$isReference ? [$value] : self::references($value)];
            }
        }

        return $found;
    }

    /**
     * Winding sticks and templates: the first reading at place 0, the turned one at place 1. Flat things: the gap under
     * a
     * straightedge laid lengthwise, none at its ends, the last error in the middle.
     *
     * @param  array<string, mixed>  $reference
     * @param  array<string, mixed>  $last
     * @return non-empty-list<array{float, float}>
     */
    private static function ofKind(array $reference, array $last): array
    {
        $length = (float) ($reference['sizes']['length'] ?? 0);
        $figures = $last['readings']['figures'] ?? [];

        return match ($reference['kind']) {
            'sticks' => [[0.0, (float) $figures['reading']], [1.0, (float) $figures['turned']]],
            'slope' => [[0.0, (float) $figures['rise']], [1.0, (float) $figures['turned']]],
            default => [[0.0, 0.0], [$length / 2, abs((float) $last['error_mm'])], [$length, 0.0]],
        };
    }

    /**
     * @param  array<string, mixed>  $reference
     * @return non-empty-list<array{float, float}>
     */
    private static function points(array $reference): array
    {
        $last = $reference['tests'][count($reference['tests']) - 1];
        if ($reference['kind'] === 'square') {
            return [[0.0, 0.0], [(float) $reference['sizes']['blade'], 2 * (float) $last['error_mm']]];
        }
        if ($reference['kind'] !== 'straightedge') {
            return self::ofKind($reference, $last);
        }
        ['at' => $at, 'gap' => $gaps] = $last['readings']['lists'];
        $points = array_map(
            static fn (string $place, string $gap): array => [(float) $place, (float) $gap],
            $at,
            $gaps,
        );

        return $points === [] ? [[0.0, 0.0]] : array_values($points);
    }
}
