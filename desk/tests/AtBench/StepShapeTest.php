<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\AtBench;

use JackRest\Core\Job\Craft;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Way;
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

    public function test_what_the_hands_do_in_a_job_goes_by_the_operation_and_its_tools(): void
    {
        $drawn = static fn (string $operation, string ...$kinds): ?StepDrawing => StepShape::ofJob(
            $operation,
            array_values($kinds),
        )?->drawing;
        self::assertSame(StepDrawing::Saw, $drawn('saw-dovetail', 'dovetail-saw', 'bench-vice'));
        self::assertSame(StepDrawing::Shoot, $drawn('shoot-end', 'jack-plane', 'shooting-board'));
        self::assertSame(StepDrawing::Clamp, $drawn('assemble', 'clamps', 'mallet'));
        self::assertSame(StepDrawing::StepOff, $drawn('step-off', 'dividers'), 'dividers are no gauge');
        self::assertSame(StepDrawing::BevelLine, $drawn('mark-slope', 'sliding-bevel', 'marking-knife'));
        self::assertSame(StepDrawing::SquareLine, $drawn('mark-square', 'try-square', 'marking-knife'));
        self::assertSame(StepDrawing::Level, $drawn('level-recess', 'router-plane'), 'a router plane is no plough');
        self::assertSame(['edge' => 0.0], StepShape::ofJob('rebate-along', ['rebate-plane'])?->sizesMm);
        self::assertNull($drawn(''), 'an edge is honed meanwhile');
    }

    /** Done with one tool here and another there: the second is not the one that is drawn. */
    #[TestWith(['groove', 'plough-plane', 'bench-chisel'])]
    #[TestWith(['chamfer', 'block-plane', 'flat-spokeshave'])]
    #[TestWith(['mark-slope', 'sliding-bevel', 'dovetail-template'])]
    #[TestWith(['mark-square', 'marking-knife', 'pencil'])]
    #[TestWith(['shape-convex', 'flat-spokeshave', 'drawknife'])]
    #[TestWith(['saw-tenon-cheek', 'tenon-saw', 'bench-chisel'])]
    #[TestWith(['smooth', 'smoothing-plane', 'card-scraper'])]
    #[TestWith(['rough-out', 'scrub-plane', 'hatchet'])]
    public function test_a_drawing_that_would_show_the_wrong_tool_is_left_out(
        string $operation,
        string $shown,
        string $other,
    ): void {
        self::assertNotNull(StepShape::ofJob($operation, [$shown]));
        self::assertNull(StepShape::ofJob($operation, [$other]));
    }

    public function test_every_drawing_of_an_operation_belongs_to_a_way_of_it(): void
    {
        $drawn = 0;
        foreach (Operations::all() as $id => $operation) {
            if (StepShape::ofJob($id, array_keys(ToolKinds::all())) === null) {
                continue;
            }
            $drawn++;
            self::assertTrue(Craft::isStep($id));
            $ways = array_filter(
                $operation->ways,
                static fn (Way $way): bool => StepShape::ofJob($id, $way->kinds) !== null,
            );
            self::assertNotSame([], $ways, "$id is drawn with a tool that never does it");
        }
        self::assertGreaterThan(30, $drawn);
    }
}
