<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Reference\Square;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Reference\ReferenceSizes;
use JackRest\Desk\Reference\Square\SquareForm;
use JackRest\Desk\Reference\TypedTest;
use PHPUnit\Framework\TestCase;

final class SquareFormTest extends TestCase
{
    /**
     * @param  list<string>  $gaps
     * @param  array<string, string>  $other
     */
    private static function form(
        array $gaps,
        array $other = [],
        bool $firstLineLeft = true,
        LengthUnit $unit = LengthUnit::Millimetre,
        bool $metal = false,
    ): SquareForm {
        $figures = $other + [
            'length' => '200 mm',
            'lineWidth' => '0.1 mm',
            'tolerance' => '0.1 mm',
            'shaving' => '0.04 mm',
        ];
        $choices = [
            'leftLine' => $firstLineLeft ? 'first' : 'second',
            'edge' => 'outer',
            'blade' => $metal ? 'metal' : 'wood',
        ];
        $typed = new TypedTest($figures, ['farGaps' => $gaps], $choices, Instrument::Loupe);

        return SquareForm::of($typed, new ReferenceSizes(['blade' => 200.0]), new LengthFormatter($unit));
    }

    public function test_the_next_stroke_says_how_many_where_and_running_out_to_where(): void
    {
        self::assertSame(
            'Take 4 shavings off the heel, running out to nothing at the tip. Then test again.',
            self::form(['0.30', '0.34', '0.32'])->next()->says,
        );
    }

    public function test_the_other_line_left_turns_it_round(): void
    {
        self::assertStringContainsString(
            'off the tip, running out to nothing at the heel',
            self::form(['0.32'], firstLineLeft: false)->next()->says,
        );
    }

    public function test_strokes_run_out_from_the_heel_shortest_first(): void
    {
        $strokes = self::form(['0.30', '0.34', '0.32'])->passes();

        self::assertCount(4, $strokes);
        self::assertSame(
            [0.0],
            array_values(array_unique(array_map(static fn ($stroke) => $stroke->fromMm, $strokes))),
        );
        self::assertLessThan($strokes[3]->lengthMm(), $strokes[0]->lengthMm());
    }

    /** 0.16 off a blade 42 mm wide leaves 41.84. */
    public function test_a_blade_that_would_grow_too_narrow_is_made_new(): void
    {
        $form = self::form(['0.32'], ['bladeWidth' => '42', 'least' => '41.9']);
        self::assertEqualsWithDelta(41.84, $form->widthLeftMm(), 1e-9);
        self::assertSame('Make a new one: this blade would grow too narrow.', $form->next()->says);
        self::assertFalse($form->next()->takeOff);
        self::assertTrue(self::form(['0.32'], ['bladeWidth' => '42', 'least' => '41'])->next()->takeOff);
    }

    /** Common practice, no source: metal is rubbed one way, never planed, and what is far out is left. */
    public function test_metal_has_its_own_careful_way(): void
    {
        $rub = self::form(['0.32'], metal: true);
        self::assertSame(
            'Pull the outer edge one way over fine abrasive paper on a flat, your weight on the heel: ten strokes, '.
                'then test again.',
            $rub->next()->says,
        );
        self::assertSame([], $rub->passes());
        self::assertStringStartsWith('Leave it:', self::form(['0.8'], metal: true)->next()->says);
        self::assertStringStartsWith(
            'Leave it alone: it is square enough',
            self::form(['0.02'], metal: true)->next()->says,
        );
    }

    public function test_before_any_gap_it_says_how_to_begin(): void
    {
        self::assertStringStartsWith('Knife a line, turn the square over', self::form([''])->next()->says);
    }

    /** Error 0.13, tolerance 0.1: U must shrink to 0.03, which a line of √6·0.0263 = 0.064 mm does. */
    public function test_when_it_cannot_tell_it_says_which_line_would(): void
    {
        $form = self::form(['0.26']);
        self::assertSame(Verdict::CannotTell, $form->result?->verdict);
        self::assertSame(
            'Can’t tell yet. Knife a thinner line, 0.06 mm or less, and test again.',
            $form->next()->says,
        );
        self::assertSame(Verdict::Outside, self::form(['0.26'], ['lineWidth' => '0.06'])->result?->verdict);
    }

    public function test_when_readings_scatter_it_says_how_many_would_do(): void
    {
        $form = self::form(['0.20', '0.36'], ['lineWidth' => '0.02']);
        self::assertMatchesRegularExpression('/Read the gap \d+ times in all\./', $form->next()->says);
    }

    public function test_within_tolerance_it_says_to_leave_it(): void
    {
        self::assertStringStartsWith('Leave it alone', self::form(['0.04'])->next()->says);
    }

    public function test_inches_are_understood_and_answered_in_thou(): void
    {
        $form = self::form(['12.6 thou'], unit: LengthUnit::Inch);
        self::assertStringContainsString('1.6 thou a shaving', $form->next()->why);
    }

    public function test_a_length_beyond_the_blade_is_told_in_words(): void
    {
        self::assertSame(
            'The blade is 200 mm long: test along 10 mm or more of it.',
            self::form(['0.3'], ['length' => '250'])->form->readings['length']->error,
        );
    }

    public function test_a_gap_in_the_wrong_unit_is_asked_about(): void
    {
        self::assertStringContainsString(
            'typed in the other unit',
            (string) self::form(['0.32', '8.1'])->lists['farGaps'][1]->doubt,
        );
    }

    public function test_a_gap_far_out_of_reason_is_questioned(): void
    {
        self::assertStringContainsString(
            'which shows without a test',
            (string) self::form(['9'])->lists['farGaps'][0]->doubt,
        );
    }

    public function test_half_typed_figures_give_no_answer_but_no_error_elsewhere(): void
    {
        $form = self::form(['0.3', '3//8']);
        self::assertNull($form->result);
        self::assertNull($form->lists['farGaps'][0]->error);
        self::assertNotNull($form->lists['farGaps'][1]->error);
        self::assertSame('Correct the reading marked ✗; the drawing waits for it.', $form->next()->says);
    }
}
