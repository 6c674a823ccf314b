<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Edge;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The geometry of edges, wheels and guides, each with numbers to be checked by hand or by another way. */
final class EdgeGeometryTest extends TestCase
{
    use Computes;

    /** The trade's arithmetic of bevel-up planes (common practice, no source): 12 + 25 + 6 = 43°, 20 + 25 + 6 = 51°. */
    #[TestWith([12, 31, 43])]
    #[TestWith([20, 31, 51])]
    public function test_bevel_up_bed_and_bevel_add_up(float $bed, float $bevel, float $cutting): void
    {
        $geometry = self::compute('cutting-geometry', [
            'bedDeg' => $bed,
            'orientation' => 'bevel-up',
            'bevelDeg' => $bevel,
        ]);
        self::assertEqualsWithDelta(
            [$cutting, $bed, $bevel],
            [$geometry['cuttingDeg'], $geometry['clearanceDeg'], $geometry['includedDeg']],
            1e-12,
        );
    }

    public function test_bevel_down_the_bed_cuts_and_the_bevel_clears(): void
    {
        $geometry = self::compute('cutting-geometry', [
            'bedDeg' => 45,
            'orientation' => 'bevel-down',
            'bevelDeg' => 30,
            'backBevelDeg' => 5,
        ]);
        self::assertEquals(
            [50, 15, 35, []],
            [$geometry['cuttingDeg'], $geometry['clearanceDeg'], $geometry['includedDeg'], $geometry['warnings']],
        );
    }

    /** By hand: tan 45° · cos 60° = ½, and atan ½ = 26.565°. */
    public function test_skewing_lowers_the_angle(): void
    {
        $geometry = self::compute('cutting-geometry', [
            'bedDeg' => 45,
            'orientation' => 'bevel-down',
            'bevelDeg' => 30,
            'skewDeg' => 60,
        ]);
        self::assertEqualsWithDelta(26.565051, $geometry['effectiveCuttingDeg'], 1e-6);
    }

    #[TestWith([38, 'the clearance is under 7°'])]
    #[TestWith([38.1, 'the clearance is under 7°'])]
    #[TestWith([46, 'the heel rubs: it cannot cut'])]
    #[TestWith([45, 'the clearance is under 7°'])]
    public function test_too_little_clearance_is_warned_of(float $bevel, string $warning): void
    {
        $warnings = self::compute('cutting-geometry', [
            'bedDeg' => 45,
            'orientation' => 'bevel-down',
            'bevelDeg' => $bevel,
        ])['warnings'];
        self::assertSame($bevel > 38.0, $warnings !== []);
        self::assertTrue($warnings === [] || str_starts_with($warnings[0], $warning));
    }

    public function test_a_right_angle_does_not_cut(): void
    {
        $this->assertRefused(
            'cutting-geometry',
            ['bedDeg' => 60, 'orientation' => 'bevel-up', 'bevelDeg' => 30],
            'bevelDeg',
            '90° or more',
        );
        $this->assertRefused(
            'cutting-geometry',
            ['bedDeg' => 60, 'orientation' => 'bevel-down', 'bevelDeg' => 30, 'backBevelDeg' => 30],
            'backBevelDeg',
            '90° or more',
        );
    }

    /** The sagitta by Pythagoras: with R = 5 and a chord of 8 the depth is 5 − 3 = 2. */
    public function test_a_hollow_by_a_right_triangle(): void
    {
        $hollow = self::compute('hollow-grind', [
            'thicknessMm' => 8 * sin(deg2rad(60)),
            'bevelDeg' => 60,
            'wheelDiameterMm' => 10,
        ]);
        self::assertEqualsWithDelta(
            [8, 2, 0],
            [$hollow['bevelLengthMm'], $hollow['hollowDepthMm'], $hollow['landMm']],
            1e-9,
        );
        self::assertEqualsWithDelta([60 - 53.130102, 60 + 53.130102], [$hollow['edgeDeg'], $hollow['heelDeg']], 1e-6);
    }

    /**
     * Honed one of the two deep: the rest is the chord 4 off the centre, 2·√(25 − 16) = 6, and the lands are one each.
     */
    public function test_honing_makes_lands(): void
    {
        $hollow = self::compute('hollow-grind', [
            'thicknessMm' => 8 * sin(deg2rad(60)),
            'bevelDeg' => 60,
            'wheelDiameterMm' => 10,
            'honedDepthMm' => 1,
            'depthPerHoningMm' => 0.25,
        ]);
        self::assertEqualsWithDelta(1, $hollow['landMm'], 1e-9);
        self::assertSame(4, $hollow['honingsUntilFlat']);
    }

    #[TestWith([2])]
    #[TestWith([3])]
    public function test_honed_as_deep_as_the_hollow_it_is_flat(float $honed): void
    {
        $hollow = self::compute('hollow-grind', [
            'thicknessMm' => 8 * sin(deg2rad(60)),
            'bevelDeg' => 60,
            'wheelDiameterMm' => 10,
            'honedDepthMm' => $honed,
            'depthPerHoningMm' => 0.1,
        ]);
        self::assertEqualsWithDelta(4, $hollow['landMm'], 1e-6);
        self::assertSame(0, $hollow['honingsUntilFlat']);
    }

    /** Common practice, no source: after about five or six honings it goes back to the wheel; 0.02 mm a honing here. */
    public function test_a_chisel_on_a_usual_wheel(): void
    {
        $hollow = self::compute('hollow-grind', [
            'thicknessMm' => 4,
            'bevelDeg' => 25,
            'wheelDiameterMm' => 150,
            'depthPerHoningMm' => 0.02,
        ]);
        self::assertEqualsWithDelta(0.149, $hollow['hollowDepthMm'], 0.001);
        self::assertContains($hollow['honingsUntilFlat'], [5, 6, 7]);
    }

    /** By an independent way: points on the wheel's circle, the one farthest from the chord. */
    public function test_the_depth_by_walking_the_circle(): void
    {
        $hollow = self::compute('hollow-grind', ['thicknessMm' => 5, 'bevelDeg' => 28, 'wheelDiameterMm' => 180]);
        $half = $hollow['bevelLengthMm'] / 2;
        $centre = sqrt(90 ** 2 - $half ** 2);
        $deepest = max(
            array_map(
                static fn (int $step): float => sqrt(90 ** 2 - (($half * $step) / 1000) ** 2) - $centre,
                range(-1000, 1000),
            ),
        );
        self::assertEqualsWithDelta($deepest, $hollow['hollowDepthMm'], 1e-9);
    }

    public function test_a_wheel_too_small_is_refused(): void
    {
        $this->assertRefused(
            'hollow-grind',
            ['thicknessMm' => 8, 'bevelDeg' => 25, 'wheelDiameterMm' => 18],
            'wheelDiameterMm',
            'as large as the bevel is long (18.93 mm)',
        );
        $this->assertRefused(
            'hollow-grind',
            ['thicknessMm' => 4, 'bevelDeg' => 25, 'wheelDiameterMm' => 20],
            'wheelDiameterMm',
            'no edge would be left',
        );
    }

    /** By hand: sin 30°/sin 30° = 1, so 1 mm of recession makes 1 mm of bevel, √3/2 high; ½·1·0.866·10 wide. */
    public function test_a_nick_by_hand(): void
    {
        $nick = self::compute('nick', [
            'depthMm' => 1,
            'bladeWidthMm' => 10,
            'thicknessMm' => 4,
            'primaryDeg' => 30,
            'secondaryDeg' => 60,
        ]);
        self::assertEqualsWithDelta(
            [1, (5 * sqrt(3)) / 2, 40],
            [$nick['microWidthMm'], $nick['honeVolumeMm3'], $nick['grindVolumeMm3']],
            1e-9,
        );
        self::assertSame('hone', $nick['route']);
    }

    #[TestWith([1.0, 'hone'])]
    #[TestWith([0.99, 'grind'])]
    public function test_honing_is_the_way_while_the_bevel_stays_narrow(float $most, string $route): void
    {
        // Twice a half is exact: 30° and 60° would leave the last bit to chance.
        $nick = self::compute('nick', [
            'depthMm' => 1 - 1e-9,
            'bladeWidthMm' => 10,
            'thicknessMm' => 4,
            'primaryDeg' => 30,
            'secondaryDeg' => 60,
            'maxMicroWidthMm' => $most,
        ]);
        self::assertSame($route, $nick['route']);
    }

    public function test_a_secondary_no_steeper_is_refused(): void
    {
        $this->assertRefused(
            'nick',
            ['depthMm' => 0.1, 'bladeWidthMm' => 10, 'thicknessMm' => 4, 'primaryDeg' => 30, 'secondaryDeg' => 30],
            'secondaryDeg',
            'steeper than the primary bevel (30°)',
        );
    }

    /**
     * Common practice, no source: a side-clamp guide takes chisels at 40 and 30 mm, irons at 50 and 38 for 25° and
     * 30°. They sit in different seats, one above the other, so the axle's setback is the same for both.
     */
    #[TestWith([16.0])]
    #[TestWith([18.0])]
    #[TestWith([20.0])]
    public function test_chisels_and_irons_find_one_axle(float $roller): void
    {
        $guide = static fn (float $at25, float $at30): array => self::compute('guide-calibrate', [
            'rollerDiameterMm' => $roller,
            'settings' => [['projectionMm' => $at25, 'angleDeg' => 25], ['projectionMm' => $at30, 'angleDeg' => 30]],
        ]);
        [$chisels, $irons] = [$guide(40, 30), $guide(50, 38)];

        self::assertEqualsWithDelta($chisels['axleSetbackMm'], $irons['axleSetbackMm'], 0.5);
        self::assertGreaterThan($chisels['axleDropMm'] + 1, $irons['axleDropMm']);
    }

    /** What calibrates a guide is given back by it. */
    #[TestWith([18.0, 12.0, 16.0])]
    #[TestWith([25.0, -4.0, 20.0])]
    public function test_calibrating_and_projecting_are_each_others_way_back(
        float $roller,
        float $setback,
        float $drop,
    ): void {
        $stops = self::compute('guide-projection', [
            'rollerDiameterMm' => $roller,
            'axleSetbackMm' => $setback,
            'axleDropMm' => $drop,
            'anglesDeg' => [25, 30, 35],
        ])['projections'];
        foreach ([array_slice($stops, 0, 2), $stops] as $settings) {
            $guide = self::compute('guide-calibrate', ['rollerDiameterMm' => $roller, 'settings' => $settings]);
            self::assertEqualsWithDelta(
                [$setback, $drop, 0],
                [$guide['axleSetbackMm'], $guide['axleDropMm'], $guide['residualDeg']],
                1e-9,
            );
        }
    }

    /** By hand at 30°: (9 + 10·cos 30°)/sin 30° − 5 = 18 + 17.3205 − 5. */
    public function test_a_projection_by_hand(): void
    {
        $stops = self::compute('guide-projection', [
            'rollerDiameterMm' => 18,
            'axleSetbackMm' => 5,
            'axleDropMm' => 10,
            'anglesDeg' => [30],
        ])['projections'];
        self::assertEqualsWithDelta(13 + 10 * sqrt(3), $stops[0]['projectionMm'], 1e-9);
    }

    public function test_a_bad_reading_shows_in_the_residual(): void
    {
        $stops = self::compute('guide-projection', [
            'rollerDiameterMm' => 18,
            'axleSetbackMm' => 12,
            'axleDropMm' => 16,
            'anglesDeg' => [25, 28, 30, 35],
        ])['projections'];
        $stops[1]['angleDeg'] += 0.5;
        $residual = self::compute('guide-calibrate', ['rollerDiameterMm' => 18, 'settings' => $stops])['residualDeg'];
        self::assertGreaterThan(0.2, $residual);
        self::assertLessThan(0.5, $residual);
    }

    public function test_settings_that_determine_nothing_are_refused(): void
    {
        $settings = static fn (array ...$rows): array => [
            'rollerDiameterMm' => 18,
            'settings' => array_map(
                static fn (array $row): array => ['projectionMm' => $row[0], 'angleDeg' => $row[1]],
                $rows,
            ),
        ];
        $this->assertRefused('guide-calibrate', $settings([40, 25], [30, 25]), 'settings', 'two different angles');
        $this->assertRefused('guide-calibrate', $settings([40, 25], [40, 30]), 'settings', 'one projection');
        $this->assertRefused('guide-calibrate', $settings([40, 25]), 'settings', 'at least 2 entries');
        $this->assertRefused(
            'guide-projection',
            ['rollerDiameterMm' => 18, 'axleSetbackMm' => 100, 'axleDropMm' => 10, 'anglesDeg' => [25, 60]],
            'anglesDeg[0]',
            'too steep for this guide',
        );
    }

    /** By Pythagoras: 5² − 4² = 3², so radius 5 and an iron of 8 sag 2; at 30° the wood sees half of that. */
    public function test_a_camber_by_a_right_triangle(): void
    {
        $byRadius = self::compute('camber', ['ironWidthMm' => 8, 'bedDeg' => 30, 'radiusMm' => 5]);
        $byRelief = self::compute('camber', ['ironWidthMm' => 8, 'bedDeg' => 30, 'reliefMm' => 1]);
        self::assertEqualsWithDelta([5, 2, 1], array_values($byRadius), 1e-9);
        self::assertEqualsWithDelta([5, 2, 1], array_values($byRelief), 1e-9);
    }

    /**
     * Common practice, no source: a bevel-up jack (bed 12°) needs far more curve for the same relief than one at 45°.
     */
    public function test_a_low_bed_needs_more_curve(): void
    {
        $sag = static fn (float $bed): float => self::compute('camber', [
            'ironWidthMm' => 50,
            'bedDeg' => $bed,
            'reliefMm' => 0.2,
        ])['sagMm'];
        self::assertEqualsWithDelta(sin(deg2rad(45)) / sin(deg2rad(12)), $sag(12) / $sag(45), 1e-9);
    }

    public function test_a_circle_that_does_not_span_the_iron_is_refused(): void
    {
        $this->assertRefused(
            'camber',
            ['ironWidthMm' => 50, 'bedDeg' => 45, 'radiusMm' => 24.9],
            'radiusMm',
            'half the width of the iron (25 mm)',
        );
        $this->assertRefused(
            'camber',
            ['ironWidthMm' => 50, 'bedDeg' => 45, 'reliefMm' => 20],
            'reliefMm',
            'more than a half circle',
        );
        $this->assertRefused('camber', ['ironWidthMm' => 50, 'bedDeg' => 45], 'radiusMm', 'one of the two');
    }

    /** By hand: half a millimetre under the back, 60 mm from the edge: asin(1/120) = 0.4775°. */
    public function test_a_thin_rule_under_the_back(): void
    {
        self::assertEqualsWithDelta(
            0.47747,
            self::compute('back-bevel', ['shimMm' => 0.5, 'reachMm' => 60])['backBevelDeg'],
            1e-6,
        );
        $this->assertRefused('back-bevel', ['shimMm' => 60, 'reachMm' => 60], 'shimMm', 'less than the reach (60 mm)');
    }

    public function test_a_land_is_never_less_than_none(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 2000; $round++) {
            $hollow = self::compute('hollow-grind', [
                'thicknessMm' => mt_rand(10, 60) / 10,
                'bevelDeg' => mt_rand(150, 350) / 10,
                'wheelDiameterMm' => mt_rand(80, 300),
            ]);
            self::assertGreaterThanOrEqual(0.0, $hollow['landMm']);
            self::assertEqualsWithDelta(0.0, $hollow['landMm'], 1e-9);
        }
    }
}
