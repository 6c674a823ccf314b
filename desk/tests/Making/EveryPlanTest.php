<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Making;

use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Outline\Path;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Making\Dim;
use JackRest\Desk\Making\PlanForm;
use JackRest\Desk\Making\PlanKind;
use JackRest\Desk\Making\PlanPrint;
use JackRest\Desk\Making\View;
use JackRest\Desk\Print\Line;
use JackRest\Desk\Print\Tiling;
use JackRest\Desk\Print\Trace;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What holds for each plan, at its usual sizes and at sizes drawn by lot. */
final class EveryPlanTest extends TestCase
{
    private static function format(): LengthFormatter
    {
        return new LengthFormatter(LengthUnit::Millimetre);
    }

    /** @return iterable<string, array{PlanKind}> */
    public static function kinds(): iterable
    {
        foreach (PlanKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function test_its_usual_sizes_are_sound_and_each_is_within_its_limits(PlanKind $kind): void
    {
        $form = PlanForm::of($kind, [], self::format());
        self::assertTrue($form->isSound());
        foreach ($kind->fields() as $size) {
            $field = $size->field;
            self::assertGreaterThanOrEqual($field->least, $form->usual[$field->name], $field->name);
            self::assertLessThanOrEqual($field->most, $form->usual[$field->name], $field->name);
        }
    }

    #[DataProvider('kinds')]
    public function test_what_it_makes_can_hang_on_the_board(PlanKind $kind): void
    {
        $made = PlanForm::of($kind, [], self::format())->making->made();
        $of = ToolKinds::named($made->kind);
        foreach ($made->sizes as $name => $value) {
            $dimension = $of->dimension($name);
            self::assertNotNull($dimension, "$made->kind has no $name");
            self::assertGreaterThanOrEqual($dimension->least, $value, $name);
            self::assertLessThanOrEqual($dimension->most, $value, $name);
        }
        self::assertNotNull($of->making, 'a kind that is made');
        self::assertSame(
            $made->sizes,
            array_intersect_key((new ToolAtHand('1', $made->kind, 'it', $made->sizes))->sizes(), $made->sizes),
        );
    }

    /** The tool a plan makes is made by a plan that makes it; what nobody has planned has none. */
    #[DataProvider('kinds')]
    public function test_its_tool_leads_back_to_a_plan(PlanKind $kind): void
    {
        $made = PlanForm::of($kind, [], self::format())->making->made()->kind;
        $plan = PlanKind::forTool($made);
        self::assertNotNull($plan);
        self::assertSame($made, PlanForm::of($plan, [], self::format())->making->made()->kind);
        self::assertNull(PlanKind::forTool('jack-plane'));
    }

    #[DataProvider('kinds')]
    public function test_each_step_says_what_to_do_and_what_to_look_at(PlanKind $kind): void
    {
        $form = PlanForm::of($kind, [], self::format());
        foreach ($form->making->steps(self::format()) as $step) {
            foreach ([$step->title, $step->says, $step->check, $step->tools] as $text) {
                self::assertNotSame('', $text, $step->title);
            }
            self::assertGreaterThan(0.0, $step->minutes, $step->title);
            self::assertSame($step->waitDays > 0, $step->waitsFor !== '', $step->title);
        }
        self::assertGreaterThan(30, $form->minutes(self::format()));
        self::assertNotSame([], $form->making->tasks());
        self::assertNotSame([], $form->making->lines(self::format()));
    }

    /** A week of rest stands in each plan of a reference. */
    public function test_references_rest_for_a_week(): void
    {
        foreach (
            [
                PlanKind::BridleSquare,
                PlanKind::TenonSquare,
                PlanKind::Straightedge,
                PlanKind::WindingSticks,
                PlanKind::SlopeTemplate,
                PlanKind::ShootingBoard,
            ] as $kind
        ) {
            self::assertGreaterThanOrEqual(
                7,
                PlanForm::of($kind, [], self::format())->days(self::format()),
                $kind->value,
            );
        }
    }

    /** @return list<array{float, float}> */
    private static function points(View $view): array
    {
        $points = [];
        foreach ([...$view->seen, ...$view->hidden] as $path) {
            foreach ([$path->points, ...$path->holes] as $ring) {
                $points = [
                    ...$points,
                    ...array_map(static fn (array $point): array => [(float) $point[0], (float) $point[1]], $ring),
                ];
            }
        }
        foreach ($view->dims as $dim) {
            $points = [...$points, [$dim->fromX, $dim->fromY], [$dim->toX, $dim->toY]];
        }

        return $points;
    }

    /** Sizes drawn by lot: every sound plan lies within its views, and each dimension is as long as it says. */
    #[DataProvider('kinds')]
    public function test_its_drawing_is_true_at_any_size(PlanKind $kind): void
    {
        $chance = new Randomizer(new Mt19937(8));
        $sound = 0;
        for ($trial = 0; $trial < 60; $trial++) {
            $typed = [];
            foreach ($kind->fields() as $size) {
                $field = $size->field;
                $typed[$field->name] = $chance->getInt(0, 2) === 0 ? '' : self::lot($field, $chance);
            }
            $form = PlanForm::of($kind, $typed, self::format());
            if (! $form->isSound()) {
                continue;
            }
            $sound++;
            foreach ($form->making->views(self::format()) as $view) {
                foreach (self::points($view) as [$x, $y]) {
                    self::assertTrue(
                        $x >= -1e-6 && $x <= $view->width + 1e-6 && $y >= -1e-6 && $y <= $view->height + 1e-6,
                        "$view->name at ($x, $y) of $view->width × $view->height ".json_encode($typed),
                    );
                }
                foreach ($view->dims as $dim) {
                    self::assertSame(
                        self::format()->dimension(hypot($dim->toX - $dim->fromX, $dim->toY - $dim->fromY)),
                        $dim->says,
                        "$view->name ".json_encode($typed),
                    );
                }
            }
            foreach ($form->making->parts() as $part) {
                self::assertGreaterThan(
                    0.0,
                    min($part->wanted->lengthMm, $part->wanted->widthMm, $part->wanted->thicknessMm),
                    $part->name,
                );
            }
        }
        self::assertGreaterThan(5, $sound);
    }

    private static function lot(FormField $field, Randomizer $chance): string
    {
        $value = $field->least + (($field->most - $field->least) * $chance->getInt(0, 1000)) / 1000;

        return (string) round($value, $field->quantity === Quantity::Degrees ? 2 : 0);
    }

    #[DataProvider('kinds')]
    public function test_a_size_beyond_its_limits_is_refused_beside_its_field(PlanKind $kind): void
    {
        foreach ($kind->fields() as $size) {
            $field = $size->field;
            $form = PlanForm::of($kind, [$field->name => (string) ($field->most * 1.5)], self::format());
            self::assertFalse($form->isSound());
            self::assertNotNull($form->form->readings[$field->name]->error, $field->name);
        }
    }

    /**
     * On paper: the lines of the sheets, put back by their windows, are as long together as those of the whole drawing.
     */
    #[DataProvider('kinds')]
    public function test_its_sheets_are_the_drawing_at_true_size(PlanKind $kind): void
    {
        $print = new PlanPrint($kind->label(), PlanForm::of($kind, [], self::format())->making->views(self::format()));
        $length = static fn (array $marks, float $widthMm): float => array_sum(
            array_map(
                static fn (Line $line): float => hypot($line->toX - $line->fromX, $line->toY - $line->fromY),
                array_values(
                    array_filter(
                        $marks,
                        static fn (object $mark): bool => $mark instanceof Line &&
                            abs($mark->widthMm - $widthMm) < 1e-9 &&
                            ! $mark->dashed,
                    ),
                ),
            ),
        );
        $whole = array_merge(
            [],
            ...array_map(
                static fn (object $mark): array => $mark instanceof Trace ? $mark->lines() : [],
                $print->whole()->marks,
            ),
        );
        $tiles = $print->tiles();
        // The diamonds by which sheets are joined are as wide as what is seen: eight legs of a half diamond on each
        // join.
        $tiled = array_sum(array_map(static fn ($tile): float => $length($tile->sheet->marks, 0.3), $tiles));
        $diamonds = 0;
        foreach ($tiles as $tile) {
            foreach ($tile->sheet->marks as $mark) {
                $diamonds +=
                    $mark instanceof Line &&
                    abs($mark->widthMm - 0.3) < 1e-9 &&
                    abs(hypot($mark->toX - $mark->fromX, $mark->toY - $mark->fromY) - 4 * M_SQRT2) < 1e-6
                        ? 1
                        : 0;
            }
        }
        // A line that lies just on a cut is on both sheets.
        $onCut = array_values(
            array_filter(
                $whole,
                static fn (Line $line): bool => ($line->fromX === $line->toX &&
                    fmod($line->fromX, Tiling::WIDTH_MM) === 0.0) ||
                    ($line->fromY === $line->toY && fmod($line->fromY, Tiling::HEIGHT_MM) === 0.0),
            ),
        );
        self::assertEqualsWithDelta(
            $length($whole, 0.3) + $length($onCut, 0.3),
            $tiled - $diamonds * 4 * M_SQRT2,
            0.01,
        );
        self::assertGreaterThan(100.0, $length($whole, 0.3));
    }

    public function test_a_dimension_knows_its_direction(): void
    {
        $dims = [Dim::across(2, 9, 5, '7 mm'), Dim::down(1, 4, 8, '3 mm')];
        self::assertSame(
            [[2.0, 5.0, 9.0, 5.0], [8.0, 1.0, 8.0, 4.0]],
            array_map(static fn (Dim $dim): array => [$dim->fromX, $dim->fromY, $dim->toX, $dim->toY], $dims),
        );
    }

    /** A view too wide for the paper is turned, and loses none of its length by that. */
    public function test_a_long_view_lies_along_the_paper(): void
    {
        $print = new PlanPrint('long', [new View('Face', 900, 50, [Path::box(0, 0, 900, 50)])]);
        self::assertLessThan(200.0, $print->width);
        self::assertGreaterThan(900.0, $print->height);
        self::assertCount(4, $print->tiles());
    }
}
