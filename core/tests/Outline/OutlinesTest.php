<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Outline;

use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Outline\Outline;
use JackRest\Core\Outline\Outlines;
use JackRest\Core\Outline\Path;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Tools in their own outlines, from their own dimensions.
 *
 * @phpstan-import-type Point from Path
 */
final class OutlinesTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function forms(): iterable
    {
        foreach (array_keys(Outlines::all()) as $form) {
            yield $form => [$form];
        }
    }

    /** @return list<Point> */
    private static function points(Outline $outline): array
    {
        return array_merge(
            ...array_map(static fn (Path $path): array => array_merge($path->points, ...$path->holes), [
                ...$outline->bodies,
                ...$outline->details,
            ]),
        );
    }

    public function test_every_kind_of_tool_has_a_form_that_is_drawn(): void
    {
        self::assertSame(
            [],
            array_values(
                array_diff(
                    array_map(static fn (ToolKind $kind): string => $kind->form, ToolKinds::all()),
                    array_keys(Outlines::all()),
                ),
            ),
        );
    }

    #[DataProvider('forms')]
    public function test_bodies_are_closed_and_lie_in_the_box_they_say(string $form): void
    {
        $outline = Outlines::of($form, []);
        self::assertNotSame([], $outline->bodies);
        foreach ($outline->bodies as $body) {
            self::assertTrue($body->isClosed);
            self::assertGreaterThanOrEqual(3, count($body->points));
        }
        foreach (self::points($outline) as [$x, $y]) {
            self::assertGreaterThanOrEqual(-0.5, $x);
            self::assertLessThanOrEqual($outline->width + 0.5, $x);
            self::assertGreaterThanOrEqual(-0.5, $y);
            self::assertLessThanOrEqual($outline->height + 0.5, $y);
        }
    }

    #[DataProvider('forms')]
    public function test_a_measured_length_is_drawn_at_its_true_size(string $form): void
    {
        foreach (Outlines::of($form, [])->marks as $mark) {
            $drawn = array_column(Outlines::of($form, [$mark->name => 55.0])->marks, null, 'name')[$mark->name];
            self::assertEqualsWithDelta(
                55.0,
                hypot($drawn->to[0] - $drawn->from[0], $drawn->to[1] - $drawn->from[1]),
                1e-6,
                $mark->name,
            );
        }
        $this->addToAssertionCount(1);
    }

    #[DataProvider('forms')]
    public function test_tiny_and_huge_tools_are_drawn_with_numbers(string $form): void
    {
        foreach ([1.0, 5000.0] as $size) {
            $outline = Outlines::of(
                $form,
                array_fill_keys(['length', 'width', 'iron', 'depth', 'blade', 'reach', 'diameter', 'largest'], $size),
            );
            foreach (self::points($outline) as [$x, $y]) {
                self::assertTrue(is_finite($x) && is_finite($y));
            }
        }
    }

    public function test_a_tool_is_as_long_as_it_was_measured(): void
    {
        self::assertSame(
            355.0,
            Outlines::ofTool(new ToolAtHand('1', 'jack-plane', 'jack plane', ['length' => 355.0]))->width,
        );
        // A saw's handle, 120 mm, goes onto its 250 mm of teeth.
        self::assertSame(
            370.0,
            Outlines::of('back-saw', ['length' => 250.0, 'depth' => 45.0, 'handle' => 120.0])->width,
        );
    }

    public function test_a_form_that_is_not_known_is_a_plain_box(): void
    {
        self::assertEquals(
            [Path::box(0, 0, 80, 20)],
            Outlines::of('something new', ['length' => 80.0, 'width' => 20.0])->bodies,
        );
    }

    /** What hung down at the upper left lies, a quarter turn to the right, at the upper right. */
    public function test_turned_it_keeps_its_shape(): void
    {
        $square = Outlines::of('square', []);
        $turned = $square->turned();
        self::assertSame([$square->height, $square->width], [$turned->width, $turned->height]);
        self::assertEquals([$square->height, 0], $turned->bodies[0]->points[0]);
        $length = static fn (Path $path): float => array_sum(
            array_map(
                static fn (array $from, array $to): float => hypot($to[0] - $from[0], $to[1] - $from[1]),
                $path->points,
                [...array_slice($path->points, 1), $path->points[0]],
            ),
        );
        foreach ($square->bodies as $index => $body) {
            self::assertEqualsWithDelta($length($body), $length($turned->bodies[$index]), 1e-9);
        }
    }

    /**
     * A quarter circle as one cubic curve is off by 0.03 % of its radius at most; the sagitta of a chord of a 48-gon is
     * r (1 − cos π/48), a fifth of a hundredth.
     */
    public function test_a_disc_is_round_enough(): void
    {
        $disc = Path::disc(0, 0, 100);
        foreach ($disc->points as $index => $point) {
            $next = $disc->points[$index + 1] ?? $disc->points[0];
            self::assertEqualsWithDelta(100, hypot($point[0], $point[1]), 0.03);
            self::assertEqualsWithDelta(100, hypot(($point[0] + $next[0]) / 2, ($point[1] + $next[1]) / 2), 0.3);
        }
    }
}
