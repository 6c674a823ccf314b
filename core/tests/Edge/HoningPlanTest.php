<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Edge;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class HoningPlanTest extends TestCase
{
    use Computes;

    private const THREE = [
        ['id' => 'a', 'particleUm' => 11.5, 'changeSeconds' => 20],
        ['id' => 'b', 'particleUm' => 2, 'changeSeconds' => 20],
        ['id' => 'c', 'particleUm' => 0.92, 'changeSeconds' => 20],
    ];

    private const BEVEL = [
        'contactWidthMm' => 25,
        'contactLengthMm' => 1,
        'removeUm' => 15,
        'finishUm' => 1,
        'abrasives' => self::THREE,
    ];

    /** Depth per stroke on the first: 1000·0.0033·11.5/25 = 1.518 µm, so 15 µm take 10; 2.3/0.12144 → 19. */
    public function test_a_narrow_bevel_jumps(): void
    {
        $plan = self::compute('honing-plan', self::BEVEL);

        self::assertSame(['a', 'c'], array_column($plan['path'], 'id'));
        self::assertSame([10, 19], array_column($plan['path'], 'strokes'));
        self::assertEquals(69, $plan['totalSeconds']);
        self::assertEquals([['id' => 'b', 'extraSeconds' => 14]], $plan['skipped']);
    }

    /** Common practice, no source: a back goes through every stone. */
    public function test_a_back_goes_through_every_stone(): void
    {
        $plan = self::compute('honing-plan', [...self::BEVEL, 'contactLengthMm' => 40, 'removeUm' => 30]);

        self::assertSame([791, 349, 132], array_column($plan['path'], 'strokes'));
    }

    public function test_alternatives_are_the_best_of_every_other_number_of_stones(): void
    {
        $plan = self::compute('honing-plan', self::BEVEL);

        self::assertEquals([83, 144], array_column($plan['alternatives'], 'totalSeconds'));
        self::assertSame(
            [3, 1],
            array_map(static fn (array $alternative): int => count($alternative['path']), $plan['alternatives']),
        );
    }

    public function test_a_step_limit_forces_the_middle_stone_in(): void
    {
        $plan = self::compute('honing-plan', [...self::BEVEL, 'maxStepRatio' => 6]);
        self::assertSame(['a', 'b', 'c'], array_column($plan['path'], 'id'));
    }

    public function test_a_tie_goes_to_the_id_that_comes_first(): void
    {
        $twins = [['id' => 'z', 'particleUm' => 1], ['id' => 'm', 'particleUm' => 1]];
        self::assertSame(
            ['m'],
            array_column(self::compute('honing-plan', [...self::BEVEL, 'abrasives' => $twins])['path'], 'id'),
        );
    }

    public function test_a_stone_that_fits_no_path_has_no_extra_time(): void
    {
        $stones = [['id' => 'fine', 'particleUm' => 1], ['id' => 'stray', 'particleUm' => 90]];
        $plan = self::compute('honing-plan', [...self::BEVEL, 'abrasives' => $stones, 'maxStepRatio' => 3]);

        self::assertSame([['id' => 'stray', 'extraSeconds' => null]], $plan['skipped']);
    }

    public function test_no_stone_fine_enough_says_what_is_missing(): void
    {
        $this->assertRefused('honing-plan', [...self::BEVEL, 'finishUm' => 0.5], 'abrasives', 'the finest is 0.92 µm');
    }

    public function test_two_stones_of_one_name_are_refused(): void
    {
        $this->assertRefused(
            'honing-plan',
            [...self::BEVEL, 'abrasives' => [...self::THREE, self::THREE[0]]],
            'abrasives[3].id',
            'used twice',
        );
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 40) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    /** Against trying every subset of the stones by hand. */
    #[DataProvider('seeds')]
    public function test_nothing_beats_the_plan_among_all_subsets(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $stones = [];
        foreach (range(0, 6) as $index) {
            $stones[] = [
                'id' => "s$index",
                'particleUm' => $random->getInt(1, 40),
                'cutFactor' => $random->getInt(5, 15) / 10,
                'changeSeconds' => $random->getInt(0, 30),
            ];
        }
        $stones[] = ['id' => 'last', 'particleUm' => 1, 'cutFactor' => 1, 'changeSeconds' => 10];
        $job = [...self::BEVEL, 'contactLengthMm' => $random->getInt(1, 30), 'abrasives' => $stones];

        self::assertEqualsWithDelta(
            self::bestOfAllSubsets($job),
            self::compute('honing-plan', $job)['totalSeconds'],
            1e-9,
        );
    }

    /** @param  array<string, mixed>  $job */
    private static function bestOfAllSubsets(array $job): float
    {
        $best = INF;
        for ($subset = 1; $subset < 2 ** count($job['abrasives']); $subset++) {
            $stones = array_values(
                array_filter(
                    $job['abrasives'],
                    static fn (int $index): bool => (bool) (($subset >> $index) & 1),
                    ARRAY_FILTER_USE_KEY,
                ),
            );
            usort($stones, static fn (array $a, array $b): int => $b['particleUm'] <=> $a['particleUm']);
            $sizes = array_column($stones, 'particleUm');
            if (count(array_unique($sizes)) < count($sizes) || end($sizes) > $job['finishUm']) {
                continue;
            }
            [$seconds, $remove] = [0.0, $job['removeUm']];
            foreach ($stones as $stone) {
                $perStroke =
                    (3.3 * $stone['cutFactor'] * $stone['particleUm']) /
                    ($job['contactWidthMm'] * $job['contactLengthMm']);
                $seconds += max(1, ceil($remove / $perStroke - 1e-9)) + $stone['changeSeconds'];
                $remove = 0.2 * $stone['particleUm'];
            }
            $best = min($best, $seconds);
        }

        return $best;
    }
}
