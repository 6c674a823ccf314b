<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Eye;

use JackRest\Core\Eye\Exercise;
use JackRest\Core\Eye\Kerf;
use JackRest\Core\Eye\ShownCase;
use JackRest\Core\Eye\Sight;
use JackRest\Core\Eye\ToldCase;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Eye\EyeDrawing;
use JackRest\Desk\Eye\EyeMark;
use JackRest\Desk\Eye\EyeWords;
use PHPUnit\Framework\TestCase;

/** The truth of a case is measured off its drawing again. */
final class EyeDrawingTest extends TestCase
{
    public function test_the_line_lies_nearer_to_the_mark_that_is_true(): void
    {
        foreach (self::cases(Exercise::Rule) as [$case, $marks, $error]) {
            [, $left, $right, $line] = array_map(self::middle(...), $marks);
            $off = $line - ($left + $right) / 2;
            self::assertEqualsWithDelta($case->truth === 'left' ? -$error : $error, $off, 1e-9);
        }
    }

    public function test_light_shows_at_the_true_third_alone(): void
    {
        foreach (self::cases(Exercise::Light) as [$case, $marks, $error]) {
            [, $wood, $light] = $marks;
            $width = $wood->points[2] - $wood->points[0];
            $third = (int) floor(3 * (self::middle($light) - $wood->points[0]) / $width);
            self::assertSame($case->truth, ['left', 'middle', 'right'][$third]);
            self::assertEqualsWithDelta($error, $light->points[5] - $light->points[1], 1e-9);
            self::assertSame($wood->points[1], $light->points[1], 'right under the steel');
        }
    }

    public function test_the_true_end_of_the_far_stick_is_higher_by_the_error(): void
    {
        foreach (self::cases(Exercise::Twist) as [$case, $marks, $error]) {
            [$leftTop, $rightTop] = [$marks[0]->points[1], $marks[0]->points[3]];
            self::assertEqualsWithDelta($error, abs($leftTop - $rightTop), 1e-9);
            self::assertSame($case->truth, $leftTop < $rightTop ? 'left' : 'right', 'y goes downwards');
        }
    }

    public function test_the_lines_are_farther_apart_at_the_true_end(): void
    {
        foreach (self::cases(Exercise::Lines) as [$case, $marks, $error]) {
            $top = $marks[2]->points[0] - $marks[1]->points[0];
            $foot = $marks[2]->points[6] - $marks[1]->points[6];
            self::assertEqualsWithDelta($error, abs($top - $foot), 1e-9);
            self::assertSame($case->truth, $top > $foot ? 'top' : 'bottom');
        }
    }

    public function test_the_hump_stands_on_the_true_third_as_high_as_the_error(): void
    {
        foreach (self::cases(Exercise::Proud) as [$case, $marks, $error]) {
            $points = array_chunk($marks[0]->points, 2);
            [$from, $until] = [$points[0][0], $points[count($points) - 1][0]];
            usort($points, static fn (array $a, array $b): int => ($a[1] ?? 0.0) <=> ($b[1] ?? 0.0));
            [$x, $y] = [$points[0][0], $points[0][1] ?? 0.0];
            $third = (int) floor(3 * ($x - $from) / ($until - $from));
            self::assertSame($case->truth, ['left', 'middle', 'right'][$third]);
            self::assertEqualsWithDelta($error, $marks[0]->points[3] - $y, 1e-9);
        }
    }

    public function test_light_lies_along_the_true_edge_alone(): void
    {
        foreach (self::cases(Exercise::Glint) as [$case, $marks, $error]) {
            [, $left, $right, $line] = $marks;
            self::assertSame($case->truth, self::middle($line) === self::middle($left) ? 'left' : 'right');
            self::assertContains(self::middle($line), [self::middle($left), self::middle($right)]);
            self::assertEqualsWithDelta($error, $line->points[5] - $line->points[1], 1e-9);
        }
    }

    public function test_a_kerf_is_drawn_as_it_was_sawn(): void
    {
        $kerf = Kerf::of(8, ['left', 'straight', 'right', 'right']);
        [, $line, $cut] = EyeDrawing::kerf($kerf);
        self::assertEqualsWithDelta(0.0, self::middle($line), 1e-9);
        foreach ($kerf->xMm as $stroke => $x) {
            $left = $cut->points[2 * $stroke] ?? NAN;
            $right = $cut->points[count($cut->points) - 2 * $stroke - 2] ?? NAN;
            self::assertEqualsWithDelta(3 * $x, ($left + $right) / 2, 1e-9);
        }
        $format = new LengthFormatter(LengthUnit::Millimetre);
        self::assertSame('On the line.', EyeWords::off(Kerf::of(8, []), $format));
        self::assertMatchesRegularExpression('/ mm (left|right) of the line\.$/', EyeWords::off($kerf, $format));
        self::assertStringContainsString('let run', EyeWords::sawn($kerf, Kerf::of(8, ['straight']), $format));
    }

    public function test_words_say_what_an_angle_is_at_the_bench(): void
    {
        $format = new LengthFormatter(LengthUnit::Millimetre);
        self::assertSame(
            'You see 0.10 mm at 350 mm from the eye; probably between 0.08 mm and 0.13 mm.',
            EyeWords::seen(1.0, 0.8, 1.3, $format),
        );
        foreach (Exercise::cases() as $exercise) {
            self::assertStringEndsWith('?', EyeWords::asks($exercise));
            self::assertStringEndsWith('.', EyeWords::says($exercise));
            self::assertStringEndsWith('.', EyeWords::counts($exercise));
        }
    }

    public function test_a_judgement_has_three_answers_the_right_one_at_its_place(): void
    {
        $format = new LengthFormatter(LengthUnit::Millimetre);
        foreach ([Exercise::Shavings, Exercise::Turns, Exercise::Stone] as $exercise) {
            for ($number = 0; $number < 60; $number++) {
                $shown = ShownCase::of($exercise, 3, $number, 1.0);
                $case = ToldCase::of($exercise, 3, $number);
                $answers = EyeWords::answers($shown, $case);
                self::assertCount(3, array_unique($answers));
                self::assertStringContainsString((string) (int) $case->right, $answers[$shown->truth]);
                self::assertStringEndsWith('.', EyeWords::told($exercise, $case, $format));
                self::assertSame([], EyeDrawing::of($shown, new Sight(500, 4)));
            }
        }
    }

    /** @return iterable<array{ShownCase, list<EyeMark>, float}> */
    private static function cases(Exercise $exercise): iterable
    {
        foreach ([300.0, 500.0, 1200.0] as $distance) {
            $sight = new Sight($distance, 4.0);
            for ($number = 0; $number < 40; $number++) {
                $case = ShownCase::of($exercise, 5, $number, 0.5 + $number / 10);
                yield [$case, EyeDrawing::of($case, $sight), $sight->mm($case->size)];
            }
        }
    }

    private static function middle(EyeMark $mark): float
    {
        return ($mark->points[0] + $mark->points[2]) / 2;
    }
}
