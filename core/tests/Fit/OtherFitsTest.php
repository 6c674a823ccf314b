<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Fit;

use JackRest\Core\Fit\OwnBite;
use JackRest\Core\Fit\SawCount;
use JackRest\Core\Tests\Computes;
use JackRest\Core\Timber\Hardness;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The smaller questions of fit, each with numbers to be checked by hand. */
final class OtherFitsTest extends TestCase
{
    use Computes;

    /** By hand: 0.05·(900/300)² = 0.45 mm left; a sole of 900·√(0.05/0.2) = 450 mm would do. */
    public function test_what_a_sole_leaves(): void
    {
        $fit = self::compute('sole-fit', [
            'soleLengthMm' => 300,
            'boardLengthMm' => 900,
            'shavingMm' => 0.05,
            'toleranceMm' => 0.2,
        ]);
        self::assertEqualsWithDelta([0.45, 450], [$fit['residualMm'], $fit['soleNeededMm']], 1e-9);
        self::assertSame('short', $fit['verdict']);
    }

    public function test_the_sole_that_is_needed_is_just_good(): void
    {
        self::assertSame(
            'good',
            self::compute('sole-fit', [
                'soleLengthMm' => 450,
                'boardLengthMm' => 900,
                'shavingMm' => 0.05,
                'toleranceMm' => 0.2,
            ])['verdict'],
        );
    }

    /** Common practice, no source: a jointer of about 600 mm for boards of a metre, a smoother for short ones. */
    #[TestWith([600, 1000, 'good'])]
    #[TestWith([240, 1000, 'short'])]
    #[TestWith([240, 400, 'good'])]
    public function test_soles_agree_with_the_trade(float $sole, float $board, string $verdict): void
    {
        self::assertSame(
            $verdict,
            self::compute('sole-fit', [
                'soleLengthMm' => $sole,
                'boardLengthMm' => $board,
                'shavingMm' => 0.05,
                'toleranceMm' => 0.15,
            ])['verdict'],
        );
    }

    /** By hand: 0.0128·25²·1.5 = 12 N·m; at 120 N the handle must stand 100 mm out: a sweep of 200 mm. */
    public function test_a_25_mm_bit_takes_a_sweep_of_200(): void
    {
        $fit = self::compute('brace-fit', ['diameterMm' => 25, 'hardness' => 'medium', 'sweepsMm' => [150, 200, 300]]);
        self::assertEqualsWithDelta([12, 200], [$fit['torqueNm'], $fit['sweepNeededMm']], 1e-9);
        self::assertSame([false, true, true], array_column($fit['braces'], 'turns'));
        self::assertEqualsWithDelta([160, 120, 80], array_column($fit['braces'], 'forceN'), 1e-9);
    }

    /** Common practice, no source: 25 mm in oak is bored with a brace of 250 mm sweep, hardly with a shorter one. */
    public function test_a_brace_of_the_usual_sweep_bores_25_mm_in_oak(): void
    {
        $fit = self::compute('brace-fit', ['diameterMm' => 25, 'hardness' => 'hard', 'sweepsMm' => [200, 250, 300]]);
        self::assertSame([false, true, true], array_column($fit['braces'], 'turns'));
    }

    /** By hand: 8 + 2·21/7 = 14 mm on the wide side. Common practice, no source: no chisel wider than the gap. */
    public function test_the_widest_chisel_that_goes_between_the_tails(): void
    {
        $fit = self::compute('chisel-fit', [
            'chiselsMm' => [12, 6, 8, 25],
            'pinMm' => 8,
            'thicknessMm' => 21,
            'slopeRatio' => 7,
        ]);
        self::assertEquals([[8, 6], 8, 14], [$fit['intoGapMm'], $fit['bestForGapMm'], $fit['pinWideMm']]);
    }

    /** @param  list<float>  $chisels */
    #[TestWith([[6, 10, 12], 10.0, 10.0])]
    #[TestWith([[6, 9.5, 12], 9.5, 9.5])]
    #[TestWith([[6, 12], null, 6.0])]
    #[TestWith([[12], null, null])]
    public function test_the_chisel_for_a_mortise_of_ten(array $chisels, ?float $just, ?float $best): void
    {
        $fit = self::compute('chisel-fit', ['chiselsMm' => $chisels, 'mortiseMm' => 10]);
        self::assertEquals([$just, $best], [$fit['justForMortiseMm'], $fit['bestForMortiseMm']]);
    }

    /** By hand: 0.5 + 2·0.06 = 0.62. Common practice, no source: a fret blade drops in, a coping blade often not. */
    public function test_which_blade_drops_into_the_kerf(): void
    {
        $fit = self::compute('kerf-fit', [
            'plateMm' => 0.5,
            'setPerSideMm' => 0.06,
            'blades' => [
                ['id' => 'fret', 'thicknessMm' => 0.25, 'setPerSideMm' => 0.05],
                ['id' => 'coping', 'thicknessMm' => 0.5, 'setPerSideMm' => 0.08],
            ],
        ]);
        self::assertEqualsWithDelta(
            [0.62, 0.27, -0.04],
            [$fit['kerfMm'], ...array_column($fit['blades'], 'clearanceMm')],
            1e-12,
        );
        self::assertSame([true, false], array_column($fit['blades'], 'passes'));
    }

    /** By hand: (40 − 10)/2 = 15 mm of shoulder: 15 covers it, 7.5 in two passes, 7 rocks. */
    public function test_how_irons_cover_a_shoulder(): void
    {
        $fit = self::compute('shoulder-fit', [
            'stockThicknessMm' => 40,
            'tenonThicknessMm' => 10,
            'ironsMm' => [20, 15, 7.5, 7],
            'grooveMm' => 15,
        ]);
        self::assertSame(['good', 'good', 'two-passes', 'narrow'], array_column($fit['irons'], 'verdict'));
        self::assertSame([false, true, true, true], array_column($fit['irons'], 'intoGroove'));
    }

    public function test_a_tenon_as_thick_as_its_stock_is_refused(): void
    {
        $this->assertRefused(
            'shoulder-fit',
            ['stockThicknessMm' => 20, 'tenonThicknessMm' => 20, 'ironsMm' => []],
            'tenonThicknessMm',
            'less than the stock is thick (20 mm)',
        );
    }

    /** By hand: rule ±0.25 and knife ±0.025: 0.275 at worst, √(0.0625 + 0.000625) = 0.25125 likely. */
    public function test_errors_of_a_chain_add_up(): void
    {
        $chain = self::compute('marking-chain', [
            'steps' => [['marker' => 'rule'], ['marker' => 'knife']],
            'toleranceMm' => 0.26,
        ]);
        self::assertEqualsWithDelta(
            [0.275, sqrt(0.063125), 0.05, 0.55],
            [$chain['worstMm'], $chain['likelyMm'], $chain['betweenPartsFixedMm'], $chain['betweenPartsMeasuredMm']],
            1e-12,
        );
        self::assertSame('mostly', $chain['verdict']);
    }

    #[TestWith([4, 0.1, 'always'])]
    #[TestWith([4, 0.06, 'mostly'])]
    #[TestWith([4, 0.04, 'no'])]
    public function test_four_knifed_transfers(int $times, float $tolerance, string $verdict): void
    {
        self::assertSame(
            $verdict,
            self::compute('marking-chain', [
                'steps' => [['marker' => 'knife', 'times' => $times]],
                'toleranceMm' => $tolerance,
            ])['verdict'],
        );
    }

    public function test_a_line_of_the_users_own_width(): void
    {
        self::assertEqualsWithDelta(
            0.1,
            self::compute('marking-chain', ['steps' => [['marker' => 'pencil', 'widthMm' => 0.2]]])['worstMm'],
            1e-12,
        );
    }

    /** Ten mm in hard wood are nine strokes by the model (1.2 mm each); counted in 5 and in 20. */
    public function test_counted_strokes_give_a_saw_its_own_bite(): void
    {
        $counts = array_map(
            static fn (int $strokes): SawCount => new SawCount(10, 254, 25.4, 12, Hardness::Hard, $strokes),
            [5, 20],
        );
        $own = OwnBite::from($counts);

        self::assertNotNull($own);
        self::assertEqualsWithDelta([1.0, 0.5, 2.0], [$own->factor, $own->least, $own->most], 1e-12);
        self::assertSame(2, $own->counts);
        self::assertNull(OwnBite::from([]));
    }

    /** A mortise of 10 mm between chisels of 9.7 and 10.3: the narrower, whatever comes first. Common practice. */
    public function test_as_near_on_both_sides_the_narrower_chisel(): void
    {
        foreach ([[9.7, 10.3], [10.3, 9.7], [10.4, 10.3, 9.7, 9.6]] as $chisels) {
            $fit = self::compute('chisel-fit', ['chiselsMm' => $chisels, 'mortiseMm' => 10]);
            self::assertSame(9.7, $fit['justForMortiseMm']);
        }
        $nearer = self::compute('chisel-fit', ['chiselsMm' => [9.7, 10.29], 'mortiseMm' => 10]);
        self::assertSame(10.29, $nearer['justForMortiseMm']);
    }
}
