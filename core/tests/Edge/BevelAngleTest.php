<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Edge;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\TestCase;

final class BevelAngleTest extends TestCase
{
    use Computes;

    /** Half as thick as the bevel is long: the sine of 30° is a half. */
    public function test_along_the_bevel(): void
    {
        self::assertEqualsWithDelta(
            30,
            self::compute('bevel-angle', ['thicknessMm' => 4, 'bevelLengthMm' => 8])['angleDeg'],
            1e-9,
        );
    }

    /** As far back as thick: the tangent of 45° is one. */
    public function test_along_the_back(): void
    {
        self::assertEqualsWithDelta(
            45,
            self::compute('bevel-angle', ['thicknessMm' => 4, 'setbackMm' => 4])['angleDeg'],
            1e-9,
        );
    }

    /** u(β) of 4/8 mm read to 0.1: √(0.0125² + 0.00625²)/cos 30° = 0.016137 rad = 0.9246°. */
    public function test_uncertainty_along_the_bevel(): void
    {
        $answer = self::compute('bevel-angle', ['thicknessMm' => 4, 'bevelLengthMm' => 8, 'uncertaintyMm' => 0.1]);
        self::assertEqualsWithDelta(0.9246, $answer['uncertaintyDeg'], 1e-4);
    }

    /** u(β) of 4 and 4 mm read to 0.1: 0.1·√32/32 = 0.017678 rad = 1.01286°. */
    public function test_uncertainty_along_the_back(): void
    {
        $answer = self::compute('bevel-angle', ['thicknessMm' => 4, 'setbackMm' => 4, 'uncertaintyMm' => 0.1]);
        self::assertEqualsWithDelta(1.01286, $answer['uncertaintyDeg'], 1e-4);
    }

    /** The propagated uncertainty is the slope: moving one length by a hair moves the angle by as much. */
    public function test_uncertainty_is_the_slope_of_the_angle(): void
    {
        $angle = static fn (float $t, float $b): float => (float) self::compute('bevel-angle', [
            'thicknessMm' => $t,
            'bevelLengthMm' => $b,
        ])['angleDeg'];
        $byThickness = ($angle(3.0001, 7) - $angle(2.9999, 7)) / 0.0002;
        $byLength = ($angle(3, 7.0001) - $angle(3, 6.9999)) / 0.0002;
        $answer = self::compute('bevel-angle', ['thicknessMm' => 3, 'bevelLengthMm' => 7, 'uncertaintyMm' => 0.05]);

        self::assertEqualsWithDelta(0.05 * hypot($byThickness, $byLength), $answer['uncertaintyDeg'], 1e-6);
    }

    public function test_a_bevel_no_longer_than_the_blade_is_thick_is_refused(): void
    {
        $this->assertRefused(
            'bevel-angle',
            ['thicknessMm' => 4, 'bevelLengthMm' => 4],
            'bevelLengthMm',
            'must be longer than the blade is thick (4 mm)',
        );
    }

    public function test_both_lengths_are_one_too_many(): void
    {
        $this->assertRefused(
            'bevel-angle',
            ['thicknessMm' => 4, 'bevelLengthMm' => 9, 'setbackMm' => 8],
            'bevelLengthMm',
            'one of the two',
        );
    }

    public function test_no_length_is_one_too_few(): void
    {
        $this->assertRefused('bevel-angle', ['thicknessMm' => 4], 'bevelLengthMm', 'one of the two');
    }

    /** A bevel nearly as short as the blade is thick tells no angle: along the back it would be told to 2°. */
    public function test_what_cannot_be_told_asks_for_the_other_length(): void
    {
        $this->assertRefused(
            'bevel-angle',
            ['thicknessMm' => 4, 'bevelLengthMm' => 4.0001, 'uncertaintyMm' => 0.1],
            'uncertaintyMm',
            'set back along the back',
        );
        $this->assertRefused(
            'bevel-angle',
            ['thicknessMm' => 0.01, 'setbackMm' => 0.01, 'uncertaintyMm' => 0.1],
            'uncertaintyMm',
            'the bevel’s own length',
        );
        $known = self::compute('bevel-angle', ['thicknessMm' => 4, 'setbackMm' => 0.03, 'uncertaintyMm' => 0.1]);
        self::assertLessThan(2, $known['uncertaintyDeg']);
    }
}
