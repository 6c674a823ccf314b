<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Reference;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\ShavingPass;
use JackRest\Desk\Reference\PlaningStep;
use PHPUnit\Framework\TestCase;

final class PlaningStepTest extends TestCase
{
    public function test_strokes_over_one_length_are_one_step(): void
    {
        $steps = PlaningStep::all(
            [new ShavingPass(450, 450), new ShavingPass(225, 675), new ShavingPass(225, 675), new ShavingPass(0, 900)],
            [0.0, 225.0, 450.0, 675.0, 900.0],
            new LengthFormatter(LengthUnit::Millimetre),
        );
        self::assertSame(
            ['at 450 mm, from the left end', 'from 225 mm to 675 mm, from the left end', 'right through'],
            array_map(static fn (PlaningStep $step): string => $step->says, $steps),
        );
        self::assertSame([1, 2, 1], array_map(static fn (PlaningStep $step): int => $step->strokes, $steps));
    }

    /** One of two short ones and both long ones counted: the middle lost three, the next places two, the ends none. */
    public function test_what_was_counted_is_what_each_place_lost(): void
    {
        $done = [
            ['fromMm' => 450.0, 'toMm' => 450.0, 'counted' => 1],
            ['fromMm' => 225.0, 'toMm' => 675.0, 'counted' => 2],
        ];
        self::assertSame([0, 2, 3, 2, 0], PlaningStep::shavings($done, [0.0, 225.0, 450.0, 675.0, 900.0]));
    }
}
