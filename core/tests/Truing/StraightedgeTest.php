<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Straightedges by reversal, by hand and against GLPK. */
final class StraightedgeTest extends TestCase
{
    use Computes;

    /**
     * @param  list<float>  $stations
     * @param  list<float>  $gaps
     * @return array<string, mixed>
     */
    private static function test(
        array $stations,
        array $gaps,
        float $tolerance = 0.0,
        ?float $shaving = null,
    ): array {
        return self::compute('straightedge-reversal', [
            'stationsMm' => $stations,
            'gapsMm' => $gaps,
            'toleranceMm' => $tolerance,
            ...$shaving === null ? [] : ['shavingMm' => $shaving],
        ]);
    }

    /** The lines part by 0.4 mm in the middle: the edge is a crown of 0.2, four shavings of 0.05. */
    public function test_the_gap_is_twice_the_error(): void
    {
        $crown = self::test([0, 450, 900], [0, 0.4, 0], shaving: 0.05);
        self::assertSame(
            [[0, 0.2, 0], 0.2, 450, 'crown', [0, 0.2, 0], [0, 4, 0]],
            [
                $crown['deviationMm'],
                $crown['straightnessMm'],
                $crown['worstAtMm'],
                $crown['shape'],
                $crown['removeMm'],
                $crown['shavings'],
            ],
        );
    }

    /** A hollow of 0.2: both ends come down to a line through the middle. */
    public function test_a_hollow_is_taken_off_at_its_ends(): void
    {
        $hollow = self::test([0, 450, 900], [0, -0.4, 0]);
        self::assertSame('hollow', $hollow['shape']);
        self::assertEqualsWithDelta([0.2, 0, 0.2], $hollow['removeMm'], 1e-12);
    }

    /**
     * By hand: (0,0), (100,0.3), (200,0.1), (300,0.4): over 2nd and 4th, slope 0.0005, the 1st lies 0.25 below; under
     * 1st and 3rd, the same slope.
     */
    public function test_straightness_is_the_narrowest_zone(): void
    {
        self::assertEqualsWithDelta(
            0.25,
            self::test([0, 100, 200, 300], [0, 0.6, 0.2, 0.8])['straightnessMm'],
            1e-12,
        );
        self::assertEqualsWithDelta(0.0, self::test([0, 100, 300], [0, 0.2, 0.6])['straightnessMm'], 1e-12);
    }

    /**
     * The mean of 0, 400, 600, 1000 falls on no station; of 0, 500, 1000 on the middle one, where the lines through it
     * share the removal.
     */
    public function test_where_the_mean_falls_on_a_corner_the_largest_removal_is_least(): void
    {
        $edge = self::test([0, 500, 1000], [1.0, 0, 0.2]);
        self::assertEqualsWithDelta([0.3, 0, 0.3], $edge['removeMm'], 1e-12);
    }

    /**
     * @param  list<float>  $gaps
     */
    #[TestWith([[0, 0.1, 0], 0.05, 'straight'])]
    #[TestWith([[0, 0.11, 0], 0.05, 'crown'])]
    #[TestWith([[0, -0.1, 0], 0.05, 'straight'])]
    #[TestWith([[0, -0.11, 0], 0.05, 'hollow'])]
    #[TestWith([[0, 0.2, -0.2, 0], 0.05, 'wave'])]
    #[TestWith([[0, 0.2, -0.08, 0], 0.05, 'crown'])]
    #[TestWith([[0.4, 0.7, 1.0], 0.0, 'straight'])]
    public function test_shape_is_read_through_the_ends(array $gaps, float $tolerance, string $shape): void
    {
        self::assertSame(
            $shape,
            self::test(
                array_map(static fn (int $index): float => 100.0 * $index, array_keys($gaps)),
                $gaps,
                $tolerance,
            )['shape'],
        );
    }

    /**
     * @param  list<float>  $stations
     * @param  list<float>  $gaps
     */
    #[TestWith([[0, 200, 100], [0, 0, 0], 'stationsMm[2]', 'must lie beyond'])]
    #[TestWith([[0, 100, 100], [0, 0, 0], 'stationsMm[2]', 'is the same place'])]
    #[TestWith([[0, 100], [0, 0, 0], 'gapsMm', 'one value for each'])]
    #[TestWith([[0, 100], [0, 100], 'gapsMm[1]', 'must be smaller than the edge'])]
    public function test_bad_lists_are_refused_by_place(
        array $stations,
        array $gaps,
        string $field,
        string $part,
    ): void {
        $this->assertRefused(
            'straightedge-reversal',
            ['stationsMm' => $stations, 'gapsMm' => $gaps],
            $field,
            $part,
        );
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    /** Narrowest zone and least removal as linear programs of their own, solved by GLPK. */
    #[DataProvider('seeds')]
    public function test_zone_and_removal_are_what_glpk_finds(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $stations = [];
        $at = 0.0;
        for ($index = 0; $index < $random->getInt(3, 14); $index++) {
            $stations[] = $at += $random->getInt(20, 120);
        }
        $gaps = array_map(static fn (): float => $random->getInt(-60, 60) / 100, $stations);
        $found = self::test($stations, $gaps);
        $zone = $below = [];
        foreach ($stations as $index => $x) {
            $y = $gaps[$index] / 2;
            $zone[] = [['m' => $x, 'b' => 1.0, 'w' => 1.0], '>=', $y];
            $zone[] = [['m' => $x, 'b' => 1.0], '<=', $y];
            $below[] = [['m' => $x, 'b' => 1.0], '<=', $y];
        }
        self::assertEqualsWithDelta(Glpsol::least(['w' => 1.0], $zone), $found['straightnessMm'], 1e-8);
        // Least total removal: Σy − Σ(m·x + b) with the line below every station.
        $total =
            array_sum($gaps) / 2 +
            Glpsol::least(['m' => -array_sum($stations), 'b' => -count($stations)], $below);
        self::assertEqualsWithDelta($total, array_sum($found['removeMm']), 1e-7);
        self::assertGreaterThanOrEqual(0, min($found['removeMm']));
    }

    /** Symmetric stations put the mean on a corner again and again: of the least totals the least largest removal. */
    #[DataProvider('seeds')]
    public function test_of_equal_totals_the_largest_removal_is_least(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed + 100));
        $stations = array_map(static fn (int $index): float => 100.0 * $index, range(0, 8));
        $gaps = array_map(
            static fn (int $index): float => ($index - 4) ** 2 / 20 + $random->getInt(0, 10) / 100,
            range(0, 8),
        );
        $gaps[4] = 0.0;
        $found = self::test($stations, $gaps);
        $rows = [];
        foreach ($stations as $index => $x) {
            $y = $gaps[$index] / 2;
            $rows[] = [['m' => $x, 'b' => 1.0], '<=', $y];
            $rows[] = [['m' => $x, 'b' => 1.0, 'w' => 1.0], '>=', $y];
        }
        $total = array_sum($found['removeMm']);
        $rows[] = [
            ['m' => array_sum($stations), 'b' => (float) count($stations)],
            '>=',
            array_sum($gaps) / 2 - $total - 1e-9,
        ];
        self::assertEqualsWithDelta(Glpsol::least(['w' => 1.0], $rows), max($found['removeMm']), 1e-6);
    }
}
