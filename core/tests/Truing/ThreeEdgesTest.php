<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Three edges without a reference: simulated ones are found again, contradictions are seen. */
final class ThreeEdgesTest extends TestCase
{
    use Computes;

    private const STATIONS = [0, 150, 300, 450, 600, 750, 900];

    private static function deviate(): float
    {
        return sqrt(-2 * log((mt_rand() + 1) / (mt_getrandmax() + 2))) * cos((2 * M_PI * mt_rand()) / mt_getrandmax());
    }

    /** @return list<float> a smooth edge of its own, mm */
    private static function edge(): array
    {
        [$bow, $wave, $bump] = [0.15 * self::deviate(), 0.05 * self::deviate(), 0.04 * self::deviate()];

        return array_map(
            static fn (int $x): float => $bow * (1 - ($x / 450 - 1) ** 2) +
                $wave * sin((M_PI * $x) / 300) +
                $bump * exp(-((($x - 250) / 150) ** 2)),
            self::STATIONS,
        );
    }

    /**
     * What is seen with two edges closed on each other, held somehow.
     *
     * @param  list<float>  $first
     * @param  list<float>  $second
     * @return list<float>
     */
    private static function gap(array $first, array $second, float $noise = 0.0): array
    {
        [$lift, $tilt] = [0.5 + 0.1 * self::deviate(), 0.0002 * self::deviate()];

        return array_map(
            static fn (float $a, float $b, int $x): float => -($a + $b) + $lift + $tilt * $x + $noise * self::deviate(),
            $first,
            $second,
            self::STATIONS,
        );
    }

    /**
     * @param  list<float>  $heights
     * @return list<float> its least-squares line taken off
     */
    private static function levelled(array $heights): array
    {
        $n = count($heights);
        $y = array_sum($heights) / $n;
        $product = array_sum(
            array_map(static fn (int $x, float $height): float => ($x - 450) * $height, self::STATIONS, $heights),
        );
        $square = array_sum(array_map(static fn (int $x): float => ($x - 450) ** 2, self::STATIONS));

        return array_map(
            static fn (int $x, float $height): float => $height - $y - ($product / $square) * ($x - 450),
            self::STATIONS,
            $heights,
        );
    }

    /** By hand: crowns 0.1, hollows 0.2 and 0 in the middle: gaps −(0.1 − 0.2) = 0.1, −(−0.2 + 0) = 0.2, −0.1. */
    public function test_by_hand(): void
    {
        $found = self::compute('three-edges', [
            'stationsMm' => [0, 100, 200],
            'abMm' => [0, 0.1, 0],
            'bcMm' => [0, 0.2, 0],
            'caMm' => [0, -0.1, 0],
            'shavingMm' => 0.05,
        ]);
        self::assertEqualsWithDelta(
            [0.1, 0.2, 0.0],
            [$found['a']['straightnessMm'], $found['b']['straightnessMm'], $found['c']['straightnessMm']],
            1e-12,
        );
        self::assertEqualsWithDelta([0, 0.1, 0], $found['a']['removeMm'], 1e-12);
        self::assertEqualsWithDelta([0.2, 0, 0.2], $found['b']['removeMm'], 1e-12);
        self::assertSame([4, 0, 4], $found['b']['shavings']);
        self::assertEqualsWithDelta([-0.1 / 3, 0.2 / 3, -0.1 / 3], $found['a']['deviationMm'], 1e-12);
        self::assertArrayNotHasKey('inconsistencyMm', $found);
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 10) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    /** However the pairs are held: without noise every edge is found to the last digit, turned readings or not. */
    #[DataProvider('seeds')]
    public function test_edges_are_found_again(int $seed): void
    {
        mt_srand($seed);
        [$a, $b, $c] = [self::edge(), self::edge(), self::edge()];
        $input = [
            'stationsMm' => self::STATIONS,
            'abMm' => self::gap($a, $b),
            'bcMm' => self::gap($b, $c),
            'caMm' => self::gap($c, $a),
        ];
        $turned = [
            'abMm' => self::gap($a, array_reverse($b)),
            ...$seed % 2 === 0 ? ['caMm' => self::gap($c, array_reverse($a))] : [],
        ];
        foreach ([$input, [...$input, 'turned' => $turned]] as $test) {
            $found = self::compute('three-edges', $test);
            foreach (['a' => $a, 'b' => $b, 'c' => $c] as $name => $edge) {
                self::assertEqualsWithDelta(
                    self::levelled($edge),
                    $found[$name]['deviationMm'],
                    1e-9,
                    "$name, seed $seed",
                );
            }
            self::assertEqualsWithDelta(0.0, $found['inconsistencyMm'] ?? 0.0, 1e-9);
        }
    }

    /**
     * Noise of 0.01 mm in each reading: ½(bc − ab − ca) carries √3/2 of it into an edge, 0.0087 mm; levelling takes two
     * parts in seven of the variance away. All three pairs turned as well, less stays.
     */
    public function test_the_error_of_what_is_found_against_the_noise(): void
    {
        mt_srand(77);
        $errors = ['plain' => 0.0, 'turned' => 0.0];
        for ($round = 0; $round < 200; $round++) {
            [$a, $b, $c] = [self::edge(), self::edge(), self::edge()];
            $plain = [
                'stationsMm' => self::STATIONS,
                'abMm' => self::gap($a, $b, 0.01),
                'bcMm' => self::gap($b, $c, 0.01),
                'caMm' => self::gap($c, $a, 0.01),
            ];
            $turned = [
                ...$plain,
                'turned' => [
                    'abMm' => self::gap($a, array_reverse($b), 0.01),
                    'bcMm' => self::gap($b, array_reverse($c), 0.01),
                    'caMm' => self::gap($c, array_reverse($a), 0.01),
                ],
            ];
            foreach (['plain' => $plain, 'turned' => $turned] as $way => $test) {
                $found = self::compute('three-edges', $test)['a']['deviationMm'];
                $errors[$way] +=
                    array_sum(
                        array_map(
                            static fn (float $one, float $true): float => ($one - $true) ** 2,
                            $found,
                            self::levelled($a),
                        ),
                    ) / count($found);
            }
        }
        $expected = ((0.01 * sqrt(3)) / 2) * sqrt(5 / 7);
        self::assertEqualsWithDelta($expected, sqrt($errors['plain'] / 200), 0.06 * $expected);
        self::assertLessThan(0.8 * $expected, sqrt($errors['turned'] / 200));
    }

    /** One reading wrong by 0.2 mm shows as a contradiction of a good part of it. */
    public function test_a_misread_gap_shows(): void
    {
        mt_srand(5);
        [$a, $b, $c] = [self::edge(), self::edge(), self::edge()];
        $turned = self::gap($a, array_reverse($b));
        $turned[2] += 0.2;
        $found = self::compute('three-edges', [
            'stationsMm' => self::STATIONS,
            'abMm' => self::gap($a, $b),
            'bcMm' => self::gap($b, $c),
            'caMm' => self::gap($c, $a),
            'turned' => ['abMm' => $turned],
        ]);
        self::assertGreaterThan(0.02, $found['inconsistencyMm']);
        self::assertLessThan(0.2, $found['inconsistencyMm']);
    }

    public function test_a_constant_on_a_pair_changes_nothing(): void
    {
        $input = [
            'stationsMm' => [0, 1, 2, 3],
            'abMm' => [0, 0.2, 0.1, 0],
            'bcMm' => [0.1, 0, 0.3, 0],
            'caMm' => [0, 0.1, 0, 0.2],
        ];
        $raised = [...$input, 'bcMm' => array_map(static fn (float $gap): float => $gap + 0.7, $input['bcMm'])];
        foreach (['a', 'b', 'c'] as $edge) {
            self::assertEqualsWithDelta(
                self::compute('three-edges', $input)[$edge]['deviationMm'],
                self::compute('three-edges', $raised)[$edge]['deviationMm'],
                1e-12,
            );
        }
    }

    /**
     * @param  array<string, mixed>  $input
     */
    #[
        TestWith([
            [
                'stationsMm' => [0, 100, 300],
                'abMm' => [0, 0, 0],
                'bcMm' => [0, 0, 0],
                'caMm' => [0, 0, 0],
                'turned' => ['abMm' => [0, 0, 0]],
            ],
            'stationsMm[1]',
            'turned end for end',
        ]),
    ]
    #[
        TestWith([
            ['stationsMm' => [0, 100], 'abMm' => [0, 0, 0], 'bcMm' => [0, 0], 'caMm' => [0, 0]],
            'abMm',
            'one value for each',
        ]),
    ]
    #[
        TestWith([
            [
                'stationsMm' => [0, 100],
                'abMm' => [0, 0],
                'bcMm' => [0, 0],
                'caMm' => [0, 0],
                'turned' => ['caMm' => [0, 0, 0]],
            ],
            'turned.caMm',
            'one value for each',
        ]),
    ]
    #[
        TestWith([
            ['stationsMm' => [100, 0], 'abMm' => [0, 0], 'bcMm' => [0, 0], 'caMm' => [0, 0]],
            'stationsMm[1]',
            'must lie beyond',
        ]),
    ]
    public function test_bad_lists_are_refused_by_place(array $input, string $field, string $part): void
    {
        $this->assertRefused('three-edges', $input, $field, $part);
    }
}
