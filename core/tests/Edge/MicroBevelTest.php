<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Edge;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\TestCase;

final class MicroBevelTest extends TestCase
{
    use Computes;

    /** 30° on 15°, so that sin p / sin(s − p) = 1: the width is the recession. */
    public function test_width_height_and_section_from_a_recession(): void
    {
        $answer = self::compute('micro-bevel', ['primaryDeg' => 15, 'secondaryDeg' => 30, 'recessionMm' => 0.2]);

        self::assertEqualsWithDelta(0.2, $answer['widthMm'], 1e-12);
        self::assertEqualsWithDelta(0.1, $answer['heightMm'], 1e-12);
        self::assertEqualsWithDelta(0.01, $answer['crossSectionMm2'], 1e-12);
        self::assertArrayNotHasKey('honingsLeft', $answer);
    }

    public function test_a_width_gives_the_recession_back(): void
    {
        $there = self::compute('micro-bevel', ['primaryDeg' => 25, 'secondaryDeg' => 30, 'recessionMm' => 0.1]);
        $back = self::compute('micro-bevel', [
            'primaryDeg' => 25,
            'secondaryDeg' => 30,
            'widthMm' => $there['widthMm'],
        ]);

        self::assertEqualsWithDelta(0.1, $back['recessionMm'], 1e-12);
    }

    /** The section is the area of the triangle old edge, new edge, end of the bevel (shoelace formula). */
    public function test_section_is_the_area_of_the_triangle_removed(): void
    {
        $answer = self::compute('micro-bevel', ['primaryDeg' => 25, 'secondaryDeg' => 32, 'recessionMm' => 0.3]);
        $end = [0.3 + $answer['widthMm'] * cos(deg2rad(32)), $answer['widthMm'] * sin(deg2rad(32))];

        self::assertEqualsWithDelta(tan(deg2rad(25)), $end[1] / $end[0], 1e-9, 'the bevel ends on the primary');
        self::assertEqualsWithDelta((0.3 * $end[1]) / 2, $answer['crossSectionMm2'], 1e-12);
    }

    /** Up to 1 mm at 0.2 mm a honing from 0.2 mm: (1 − 0.2)/0.2 = 4 exactly, not 3. */
    public function test_honings_left_of_a_whole_quotient(): void
    {
        $answer = self::compute('micro-bevel', [
            'primaryDeg' => 15,
            'secondaryDeg' => 30,
            'recessionMm' => 0.2,
            'recessionPerHoningMm' => 0.2,
            'maxWidthMm' => 1,
        ]);
        self::assertSame(4, $answer['honingsLeft']);
    }

    public function test_honings_left_are_never_below_nought(): void
    {
        $answer = self::compute('micro-bevel', [
            'primaryDeg' => 15,
            'secondaryDeg' => 30,
            'recessionMm' => 3,
            'recessionPerHoningMm' => 0.2,
            'maxWidthMm' => 1,
        ]);
        self::assertSame(0, $answer['honingsLeft']);
    }

    public function test_a_secondary_no_steeper_than_the_primary_is_refused(): void
    {
        $this->assertRefused(
            'micro-bevel',
            ['primaryDeg' => 30, 'secondaryDeg' => 30, 'recessionMm' => 0.1],
            'secondaryDeg',
            'steeper than the primary bevel (30°)',
        );
    }
}
