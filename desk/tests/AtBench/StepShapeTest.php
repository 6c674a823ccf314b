<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\AtBench;

use JackRest\Core\Job\Craft;
use JackRest\Core\Work\Operations;
use JackRest\Desk\AtBench\StepDrawing;
use JackRest\Desk\AtBench\StepShape;
use JackRest\Desk\Session\SessionStep;
use PHPUnit\Framework\Attributes\TestWith;
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
        $drawn = static fn (string $operation): ?StepDrawing => StepShape::ofJob($operation)?->drawing;
        self::assertSame(StepDrawing::Saw, $drawn('saw-dovetail'));
        self::assertSame(StepDrawing::Saw, $drawn('rip'));
        self::assertSame(StepDrawing::Shoot, $drawn('shoot-end'));
        self::assertSame(StepDrawing::Clamp, $drawn('assemble'));
        self::assertSame(StepDrawing::StepOff, $drawn('step-off'), 'dividers are no gauge');
        self::assertSame(StepDrawing::BevelLine, $drawn('mark-slope'));
        self::assertSame(StepDrawing::SquareLine, $drawn('mark-square'));
        self::assertSame(StepDrawing::Level, $drawn('level-recess'), 'a router plane is no plough');
        self::assertSame(StepDrawing::Screw, $drawn('drive-screw'), 'a screwdriver is no bit');
        self::assertSame(['edge' => 0.0], StepShape::ofJob('rebate-along')?->sizesMm, 'it lies at the edge');
        self::assertNull($drawn(''), 'an edge is honed meanwhile');
    }

    /** Done with one tool here and another there. */
    #[TestWith(['transfer'])]
    #[TestWith(['round'])]
    #[TestWith(['shape-concave'])]
    #[TestWith(['saw-curve'])]
    #[TestWith(['fit-tenon-cheek'])]
    #[TestWith(['mould-edge'])]
    public function test_a_drawing_that_would_show_the_wrong_tool_is_left_out(string $operation): void
    {
        self::assertNull(StepShape::ofJob($operation));
    }

    public function test_every_operation_that_is_drawn_is_a_step_of_a_job(): void
    {
        $drawn = array_filter(
            array_keys(Operations::all()),
            static fn (string $operation): bool => StepShape::ofJob($operation) !== null,
        );
        self::assertNotSame([], $drawn);
        foreach ($drawn as $operation) {
            self::assertTrue(Craft::isStep($operation));
        }
    }
}
