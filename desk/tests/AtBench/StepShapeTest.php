<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\AtBench;

use JackRest\Core\Job\Craft;
use JackRest\Core\Job\Phase;
use JackRest\Desk\AtBench\StepDrawing;
use JackRest\Desk\AtBench\StepShape;
use JackRest\Desk\Session\SessionStep;
use PHPUnit\Framework\TestCase;

/** What bench mode draws of a step is kept with it. */
final class StepShapeTest extends TestCase
{
    public function test_a_step_comes_back_as_it_was_kept(): void
    {
        foreach (StepDrawing::cases() as $drawing) {
            $sizes = ['depth' => random_int(1, 400) / 10, 'width' => random_int(1, 400) / 10];
            $shape = new StepShape($drawing, $sizes);
            $step = SessionStep::ofCutting('plough', 'Far end first.', 40, 'strokes', 'the stop touches', $shape);
            $kept = json_decode((string) json_encode($step->toArray()), true);
            self::assertIsArray($kept);
            self::assertEquals($step, SessionStep::fromArray($kept));
        }
    }

    /** A database of an earlier version has steps without one. */
    public function test_a_step_without_a_drawing_has_no_word_of_it(): void
    {
        $step = new SessionStep('stone', 12, 20.0, 'A burr all along.', 'hone');
        self::assertArrayNotHasKey('shape', $step->toArray());
        self::assertNull(SessionStep::fromArray($step->toArray())->shape);
    }

    public function test_what_the_hands_do_in_a_job_goes_by_the_operation(): void
    {
        $drawn = static fn (string $operation): ?StepDrawing => StepShape::ofJob(
            $operation,
            Craft::of($operation)->phase,
        )?->drawing;
        self::assertSame(StepDrawing::Saw, $drawn('saw-dovetail'));
        self::assertSame(StepDrawing::Saw, $drawn('rip'), 'boards are prepared with a saw, too');
        self::assertSame(StepDrawing::Plane, $drawn('flatten'));
        self::assertSame(StepDrawing::Shoot, $drawn('shoot-end'));
        self::assertSame(StepDrawing::Clamp, $drawn('assemble'));
        self::assertNull($drawn('drive-screw'));
        self::assertNull(StepShape::ofJob('', Phase::Prepare), 'an edge is honed meanwhile');
    }
}
