<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing\Flat;

use JackRest\Core\Tests\Truing\Glpsol;
use JackRest\Core\Truing\Flat\Grid;
use JackRest\Core\Truing\Flat\GridLine;
use JackRest\Core\Truing\Flat\Surface;
use JackRest\Core\Truing\Plane;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SurfaceTest extends TestCase
{
    /**
     * What a straightedge shows on a surface: it lies on the two places that hold it over all others.
     *
     * @param  array<int, float>  $heights
     * @return array<string, non-empty-list<float>>
     */
    private static function gaps(Grid $grid, array $heights): array
    {
        $gaps = [];
        foreach ($grid->lines() as $line) {
            $gaps[$line->id] = self::under(array_map(static fn (int $node): float => $heights[$node], $line->nodes));
        }

        return $gaps;
    }

    /**
     * @param  non-empty-list<float>  $heights
     * @return non-empty-list<float>
     */
    private static function under(array $heights): array
    {
        $best = null;
        foreach (array_keys($heights) as $a) {
            foreach (array_keys($heights) as $b) {
                if ($b <= $a) {
                    continue;
                }
                $slope = ($heights[$b] - $heights[$a]) / ($b - $a);
                $gaps = array_map(
                    static fn (int $at): float => $heights[$a] + $slope * ($at - $a) - $heights[$at],
                    array_keys($heights),
                );
                $best = min($gaps) >= -1e-12 && ($best === null || array_sum($gaps) < array_sum($best)) ? $gaps : $best;
            }
        }
        assert($best !== null && $best !== []);

        return $best;
    }

    /** @return array<int, float> */
    private static function random(Grid $grid, int $seed): array
    {
        mt_srand($seed);
        $any = static fn (): float => mt_rand() / mt_getrandmax() - 0.5;
        [$twist, $bow, $cup] = [$any(), $any(), $any()];
        $heights = [];
        for ($node = 0; $node < $grid->count(); $node++) {
            [$x, $y] = $grid->place($node);
            $heights[$node] = 0.3 * $twist * $x * $y + 0.3 * $bow * $y * $y + 0.2 * $cup * $x * $x + 0.05 * $any();
        }

        return $heights;
    }

    /**
     * Every surface comes back from its gaps: its flatness is that of the two nearest planes about the true heights,
     * which GLPK finds as a linear program. ISO 12781 (minimum zone).
     */
    #[TestWith([3, 3, 1])]
    #[TestWith([5, 3, 2])]
    #[TestWith([7, 3, 3])]
    #[TestWith([9, 5, 4])]
    public function test_a_surface_comes_back_and_its_flatness_is_that_of_glpk(int $along, int $across, int $seed): void
    {
        $grid = new Grid(300, 60, $along, $across);
        $heights = self::random($grid, $seed);
        $found = Surface::of($grid, self::gaps($grid, $heights));
        $rows = [];
        foreach ($heights as $node => $mm) {
            [$x, $y] = $grid->place($node);
            $rows[] = [['p' => 1.0, 'q' => $x, 'r' => $y, 'w' => 1.0], '>=', $mm];
            $rows[] = [['p' => 1.0, 'q' => $x, 'r' => $y], '<=', $mm];
        }
        self::assertNotNull($found);
        self::assertEqualsWithDelta(Glpsol::least(['w' => 1.0], $rows), $found->flatnessMm, 1e-7);
        self::assertSame([], array_filter($found->removeMm, static fn (float $mm): bool => $mm < 0.0));
    }

    /** Common practice, no source: a twisted board is straight along and across; only the diagonals show it. */
    public function test_a_twist_shows_on_the_diagonals_alone(): void
    {
        $grid = new Grid(300, 300, 3, 3);
        $twisted = array_map(
            static fn (int $node): float => 0.1 * $grid->place($node)[0] * $grid->place($node)[1],
            range(0, 8),
        );
        $gaps = self::gaps($grid, $twisted);
        $square = array_filter(
            $gaps,
            static fn (string $id): bool => ! str_starts_with($id, 'diagonal'),
            ARRAY_FILTER_USE_KEY,
        );
        self::assertEqualsWithDelta(0.0, max([0.0, ...array_merge(...array_values($square))]), 1e-12);
        self::assertEqualsWithDelta(0.1, $gaps['diagonal-1'][1] + $gaps['diagonal-0'][1], 1e-12);
        self::assertNull(Surface::of($grid, $square));
        // Corners stand at ± 0.1 in turn, so the two nearest planes are 0.2 apart.
        self::assertEqualsWithDelta(0.2, Surface::of($grid, $gaps)->flatnessMm ?? 0.0, 1e-9);
    }

    public function test_a_flat_thing_is_flat_and_few_lines_tell_nothing(): void
    {
        $grid = new Grid(300, 60, 3, 3);
        $none = array_map(static fn (GridLine $line): array => array_fill(0, count($line->nodes), 0.0), $grid->lines());
        $gaps = array_combine(array_map(static fn (GridLine $line): string => $line->id, $grid->lines()), $none);
        self::assertEqualsWithDelta(0.0, Surface::of($grid, $gaps)->flatnessMm ?? 1.0, 1e-9);
        self::assertNull(Surface::of($grid, ['diagonal-0' => [0.0, 0.1, 0.0]]));
        self::assertNull(Surface::of($grid, []));
    }

    /**
     * A hollow of 0.1 in the middle of a plate: all but the middle comes down by it, and the middle is the low place.
     */
    public function test_a_hollow_comes_off_its_rim(): void
    {
        $grid = new Grid(200, 70, 3, 3);
        $hollow = array_map(static fn (int $node): float => $node === 4 ? -0.1 : 0.0, range(0, 8));
        $found = Surface::of($grid, self::gaps($grid, $hollow));
        self::assertNotNull($found);
        self::assertEqualsWithDelta(-0.1, $found->crownMm(), 1e-6);
        self::assertEqualsWithDelta(0.1, $found->mostMm(), 1e-6);
        self::assertEqualsWithDelta(0.0, $found->removeMm[4], 1e-6);
        self::assertNotContains(4, array_slice($found->highest(), 0, 8));
    }

    /**
     * Gaps felt to within half a step of 0.05 mm, 300 surfaces: the true flatness lies within ± U 90 to 98 times of a
     * hundred.
     */
    public function test_the_stated_uncertainty_holds(): void
    {
        $grid = new Grid(300, 60, 5, 3);
        $held = 0;
        for ($round = 0; $round < 300; $round++) {
            $heights = self::random($grid, 1000 + $round);
            $read = array_map(
                static fn (array $line): array => array_map(
                    static fn (float $gap): float => $gap + 0.05 * (mt_rand() / mt_getrandmax() - 0.5),
                    $line,
                ),
                self::gaps($grid, $heights),
            );
            $points = array_map(
                static fn (int $node): array => [...$grid->place($node), $heights[$node]],
                array_keys($heights),
            );
            assert($points !== []);
            $true = Plane::amid($points)->heights($points);
            $found = Surface::of($grid, $read);
            assert($found !== null && $true !== []);
            $held +=
                abs($found->flatnessMm - (max($true) - min($true))) <= 2 * sqrt(($found->leverage * 0.05 ** 2) / 12)
                    ? 1
                    : 0;
        }
        self::assertGreaterThan(270, $held, (string) $held);
        self::assertLessThanOrEqual(295, $held);
    }

    /** Places that were not read leave the others as they are: the shape comes back over what is left. */
    #[TestWith([7, 5, 11])]
    #[TestWith([9, 5, 12])]
    #[TestWith([5, 5, 13])]
    public function test_a_place_that_was_not_read_is_not_missed(int $along, int $across, int $seed): void
    {
        $grid = new Grid(400, 150, $along, $across);
        $heights = self::random($grid, $seed);
        $gaps = self::gaps($grid, $heights);
        // Each of these places lies on another line as well.
        foreach (['along-0', 'across-1', 'along-'.($across - 1)] as $line) {
            $gaps[$line] = array_values(array_replace($gaps[$line], [1 => null]));
        }
        $whole = Surface::of($grid, self::gaps($grid, $heights));
        $found = Surface::of($grid, $gaps);
        self::assertNotNull($whole);
        self::assertNotNull($found);
        self::assertSame($whole->nodes, $found->nodes);
        self::assertEqualsWithDelta($whole->flatnessMm, $found->flatnessMm, 1e-9);
        self::assertEqualsWithDelta($whole->removeMm, $found->removeMm, 1e-7);
        self::assertEqualsWithDelta($whole->crownMm(), $found->crownMm(), 1e-9);
        self::assertGreaterThan($whole->leverage, $found->leverage, 'fewer readings, more doubt');
        self::assertSame(max([0.0, ...$found->removeMm]), $found->mostMm());
    }

    public function test_a_hump_stands_over_its_corners_and_a_hollow_lies_under_them(): void
    {
        $grid = new Grid(300, 100);
        foreach ([0.2, -0.2] as $bow) {
            $heights = array_map(static function (int $node) use ($grid, $bow): float {
                [$x, $y] = $grid->place($node);

                return $bow * (1 - $x * $x) + $bow * (1 - $y * $y);
            }, range(0, $grid->count() - 1));
            $surface = Surface::of($grid, self::gaps($grid, $heights));
            // By hand: 2·bow in the very middle, bow less by what half the way along takes, nothing at the corners.
            self::assertSame($bow > 0, (float) $surface?->crownMm() > 0);
            self::assertEqualsWithDelta($bow * (2 + 2 * (1 + 0.75)) / 3, $surface?->crownMm(), 1e-7);
        }
    }

    public function test_places_of_the_grid(): void
    {
        $grid = new Grid(400, 90);
        self::assertSame([15, 5, 3], [$grid->count(), $grid->along, $grid->across]);
        self::assertSame([[0.0, 0.0], [90.0, 0.0], [45.0, 200.0], [90.0, 400.0]], [
            $grid->placeMm(0), $grid->placeMm(2), $grid->placeMm(7), $grid->placeMm(14),
        ]);
        self::assertEquals([[-1.0, -1.0], [1.0, -1.0], [0.0, 0.0], [1.0, 1.0]], [
            $grid->place(0), $grid->place(2), $grid->place(7), $grid->place(14),
        ]);
        self::assertSame([0, 7, 14], $grid->line('diagonal-0')?->nodes);
        self::assertSame([2, 7, 12], $grid->line('diagonal-1')?->nodes);
        self::assertSame([1, 4, 7, 10, 13], $grid->line('along-1')?->nodes);
        self::assertSame([6, 7, 8], $grid->line('across-2')?->nodes);
        self::assertNull($grid->line('across-5'));
    }
}
