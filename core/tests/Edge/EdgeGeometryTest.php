<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Edge;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The geometry of edges on their beds, each with numbers to be checked by hand or by another way. */
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
}
