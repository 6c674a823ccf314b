<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing;

use JackRest\Core\Truing\ShavingLearnt;
use PHPUnit\Framework\TestCase;

final class ShavingLearntTest extends TestCase
{
    private const AT = [0.0, 225.0, 450.0, 675.0, 900.0];

    /** Two, four, two shavings meant to be 0.05 took a crown of 0.1, 0.2, 0.1 down to 0.02, 0.04, 0.02: 0.04 each. */
    public function test_what_was_left_tells_how_thin_the_shavings_were(): void
    {
        self::assertEqualsWithDelta(
            0.04,
            ShavingLearnt::mm(self::AT, [0.0, 0.1, 0.2, 0.1, 0.0], [0.0, 0.02, 0.04, 0.02, 0.0], [0, 2, 4, 2, 0], 0.05),
            1e-12,
        );
    }

    /** The edge may lie higher or tilted in the second test: that is not what it lost. */
    public function test_how_the_edge_lay_does_not_matter(): void
    {
        $after = array_map(
            static fn (float $height, float $at): float => $height + 0.3 - 0.0004 * $at,
            [0.0, 0.02, 0.04, 0.02, 0.0],
            self::AT,
        );
        self::assertEqualsWithDelta(
            0.04,
            ShavingLearnt::mm(self::AT, [0.0, 0.1, 0.2, 0.1, 0.0], $after, [0, 2, 4, 2, 0], 0.05),
            1e-12,
        );
    }

    public function test_through_strokes_alone_tell_nothing(): void
    {
        self::assertNull(
            ShavingLearnt::mm(self::AT, [0.0, 0.1, 0.2, 0.1, 0.0], [0.0, 0.1, 0.2, 0.1, 0.0], [3, 3, 3, 3, 3], 0.05),
        );
    }

    public function test_a_misreading_teaches_nothing(): void
    {
        self::assertNull(
            ShavingLearnt::mm(self::AT, [0.0, 0.1, 0.2, 0.1, 0.0], [0.0, 0.3, 0.9, 0.3, 0.0], [0, 2, 4, 2, 0], 0.05),
        );
    }

    /** Four shavings took a square from 0.16 to 0.04: 0.03 each. What grew, or vanished at once, tells nothing. */
    public function test_a_squares_taper(): void
    {
        self::assertEqualsWithDelta(0.03, ShavingLearnt::ofTaperMm(0.16, 0.04, 4, 0.04), 1e-12);
        self::assertEqualsWithDelta(0.03, ShavingLearnt::ofTaperMm(-0.16, -0.04, 4, 0.04), 1e-12);
        self::assertNull(ShavingLearnt::ofTaperMm(0.16, 0.2, 4, 0.04));
        self::assertNull(ShavingLearnt::ofTaperMm(0.16, -0.9, 4, 0.04));
        self::assertNull(ShavingLearnt::ofTaperMm(0.16, 0.04, 0, 0.04));
    }
}
