<?php

declare(strict_types=1);

namespace JackRest\Core\Timber;

/**
 * Shrinkage of wood from green to ovendry, per cent of the green size.
 *
 * Source: *Wood Handbook*, USDA Forest Products Laboratory, tables of shrinkage values of domestic and imported woods;
 * quoted from memory. Woods that people make tools of, or own.
 */
final readonly class Species
{
    private const TABLE = [
        'white ash' => [4.9, 7.8],
        'American basswood' => [6.6, 9.3],
        'American beech' => [5.5, 11.9],
        'paper birch' => [6.3, 8.6],
        'yellow birch' => [7.3, 9.5],
        'butternut' => [3.4, 6.4],
        'black cherry' => [3.7, 7.1],
        'flowering dogwood' => [7.4, 11.8],
        'American elm' => [4.2, 9.5],
        'shagbark hickory' => [7.0, 10.5],
        'American holly' => [4.8, 9.9],
        'hophornbeam' => [8.5, 10.0],
        'black locust' => [4.6, 7.2],
        'Pacific madrone' => [5.6, 12.4],
        'red maple' => [4.0, 8.2],
        'sugar maple' => [4.8, 9.9],
        'northern red oak' => [4.0, 8.6],
        'white oak' => [5.6, 10.5],
        'common persimmon' => [7.9, 11.2],
        'American sycamore' => [5.0, 8.4],
        'black walnut' => [5.5, 7.8],
        'yellow-poplar' => [4.6, 8.2],
        'baldcypress' => [3.8, 6.2],
        'western redcedar' => [2.4, 5.0],
        'Douglas-fir, coast' => [4.8, 7.6],
        'western larch' => [4.5, 9.1],
        'eastern white pine' => [2.1, 6.1],
        'loblolly pine' => [4.8, 7.4],
        'ponderosa pine' => [3.9, 6.2],
        'sugar pine' => [2.9, 5.6],
        'Sitka spruce' => [4.3, 7.5],
        'mahogany' => [3.0, 4.1],
        'teak' => [2.5, 5.8],
    ];

    private function __construct(public string $name, public float $radialPct, public float $tangentialPct)
    {
    }

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(
            static fn (string $name, array $pct): self => new self($name, $pct[0], $pct[1]),
            array_keys(self::TABLE),
            self::TABLE,
        );
    }

    /** By its name, however it is capitalised; null: it is not listed. */
    public static function named(string $name): ?self
    {
        $wanted = mb_strtolower(trim($name));
        foreach (self::TABLE as $listed => $pct) {
            if (mb_strtolower($listed) === $wanted) {
                return new self($listed, $pct[0], $pct[1]);
            }
        }

        return null;
    }

    /** The listed name that is written most alike, or of which a word is. */
    public static function nearest(string $name): string
    {
        $names = array_keys(self::TABLE);
        usort(
            $names,
            static fn (string $one, string $other): int => self::apart($name, $one) <=> self::apart($name, $other),
        );

        return $names[0];
    }

    /** How many letters lie between what was typed and a name, or the word of it that is nearest. */
    private static function apart(string $typed, string $name): int
    {
        $typed = strtolower(trim($typed));
        $name = strtolower($name);

        return min(
            array_map(static fn (string $part): int => levenshtein($typed, $part), [
                $name,
                ...explode(' ', str_replace([',', '-'], ' ', $name)),
            ]),
        );
    }
}
