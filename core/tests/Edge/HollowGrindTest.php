<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Edge;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A bevel hollow from the wheel and its lands, with numbers to be checked by hand or by another way. */
final class HollowGrindTest extends TestCase
{
    use Computes;

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
