<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Reference\Straightedge;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\StraightedgeMethod;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Reference\ReferenceSizes;
use JackRest\Desk\Reference\Straightedge\StraightedgeForm;
use JackRest\Desk\Reference\TypedTest;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A straightedge's test as it is typed, from the first gap to the strokes. */
final class StraightedgeFormTest extends TestCase
{
    private const AT = ['0', '225', '450', '675', '900'];

    /**
     * @param  list<string>  $gaps
     * @param  array<string, string>  $typed
     * @param  list<string>  $at
     * @param  array<string, float>  $sizes
     */
    private static function form(
        array $gaps,
        array $typed = [],
        bool $isProud = true,
        Instrument $instrument = Instrument::Loupe,
        array $at = self::AT,
        array $sizes = [],
        StraightedgeMethod $method = StraightedgeMethod::Reversal,
    ): StraightedgeForm {
        $figures = $typed + ['lineWidth' => '0.05', 'shaving' => '0.05', 'tolerance' => '0.1'];
        $choices = ['farLine' => $isProud ? 'first' : 'second', 'against' => $method->value];
        $test = new TypedTest($figures, ['at' => $at, 'gap' => $gaps], $choices, $instrument);

        return StraightedgeForm::of(
            $test,
            new ReferenceSizes(['length' => 900.0, ...$sizes]),
            new LengthFormatter(LengthUnit::Millimetre),
        );
    }

    public function test_before_three_gaps_it_says_how_to_test(): void
    {
        $form = self::form(['0', '', '', '', '']);
        self::assertNull($form->result);
        self::assertStringStartsWith('Draw along it, turn it over', $form->next()->says);
    }

    /**
     * Gaps 0.2, 0.4, 0.2: a crown of 0.1, 0.2, 0.1; at 0.05 that is 2, 4 and 2 shavings: two over the middle, two over
     * all three.
     */
    public function test_a_crown_is_planed_shortest_first(): void
    {
        $form = self::form(['0', '0.2', '0.4', '0.2', '0']);
        self::assertSame(
            'Take 2 short shavings at 450 mm, then 2 shavings from 225 mm to 675 mm. Then test again.',
            $form->next()->says,
        );
        self::assertTrue($form->next()->takeOff);
        self::assertSame([0, 2, 4, 2, 0], $form->map()?->shavings);
        self::assertSame(Verdict::Outside, $form->verdict());
    }

    public function test_the_other_line_in_front_makes_it_a_hollow(): void
    {
        $form = self::form(['0', '0.2', '0.4', '0.2', '0'], isProud: false);
        self::assertSame('hollow', $form->result?->shape->value);
        self::assertSame(
            [0.2, 0.1, 0.0, 0.1, 0.2],
            array_map(static fn (float $mm): float => round($mm, 9), $form->result->removeMm),
        );
    }

    public function test_straight_enough_is_left_alone(): void
    {
        self::assertSame(
            'Leave it alone: it is straight enough for this work.',
            self::form(['0', '0.02', '0.06', '0.02', '0'])->next()->says,
        );
    }

    /** A pencil of 0.3 mm knows it to ± 0.15: 0.2 out against 0.1 cannot be told; a line of 0.2 mm could. */
    public function test_when_it_cannot_tell_it_says_what_would(): void
    {
        $form = self::form(['0', '0.2', '0.4', '0.2', '0'], ['lineWidth' => '0.3']);
        self::assertSame(Verdict::CannotTell, $form->verdict());
        self::assertMatchesRegularExpression(
            '/^Can’t tell yet\. Knife a thinner line, 0\.\d+ mm or less, and test again\.$/u',
            $form->next()->says,
        );
        self::assertSame(1, preg_match('/0\.\d+/', $form->next()->says, $width));
        self::assertSame(
            Verdict::Outside,
            self::form(['0', '0.2', '0.4', '0.2', '0'], ['lineWidth' => $width[0] ?? ''])->verdict(),
        );
    }

    /** On a flat the gap is the error itself: 0.2 under the middle is a hollow of 0.2, not of 0.1. */
    public function test_on_a_flat_nothing_is_halved(): void
    {
        $form = self::form(
            ['0', '0.1', '0.2', '0.1', '0'],
            ['flatTo' => '0.02'],
            instrument: Instrument::Feeler,
            method: StraightedgeMethod::Flat,
        );
        self::assertNotNull($form->result);
        self::assertEqualsWithDelta(0.2, $form->result->straightnessMm, 1e-12);
        self::assertSame('hollow', $form->result->shape->value);
        self::assertEqualsWithDelta(sqrt(1.96 ** 2 * 0.05 ** 2 / 8 + 0.02 ** 2), $form->uncertaintyMm(), 1e-5);
        self::assertStringStartsWith(
            'Lay the true edge on the flat',
            self::form(['0', '', '', '', ''], method: StraightedgeMethod::Flat)->next()->says,
        );
    }

    /** A rule on a flat cannot tell 0.2 from 0.1; what it names can. */
    public function test_on_a_flat_it_says_how_finely_to_read(): void
    {
        $form = self::form(
            ['0', '0.1', '0.2', '0.1', '0'],
            ['flatTo' => '0.02'],
            instrument: Instrument::Rule,
            method: StraightedgeMethod::Flat,
        );
        self::assertSame(Verdict::CannotTell, $form->verdict());
        self::assertSame(
            'Can’t tell yet. Read the gaps with something that shows 0.14 mm or less.',
            $form->next()->says,
        );
        self::assertLessThanOrEqual(0.1, StraightedgeForm::budgetOnFlat(0.02, 0.14)->expandedMm());
        self::assertStringContainsString(
            'on this flat',
            self::form(
                ['0', '0.1', '0.2', '0.1', '0'],
                ['flatTo' => '0.2'],
                instrument: Instrument::Rule,
                method: StraightedgeMethod::Flat,
            )->next()->says,
        );
    }

    /** Where the line cannot be the culprit, a finer reading is named: the line of 0.05 alone leaves ± 0.025. */
    public function test_a_finer_reading_is_named_where_the_line_is_fine(): void
    {
        self::assertSame(
            'Can’t tell yet. Read the gaps with something that shows 0.15 mm or less.',
            self::form(['0', '0.1', '0.32', '0.1', '0'], instrument: Instrument::Rule)->next()->says,
        );
    }

    public function test_height_and_least_height_are_typed_too(): void
    {
        self::assertTrue(
            self::form(['0', '0.2', '0.4', '0.2', '0'], ['height' => '40.1', 'least' => '40'])->isTooLow(),
        );
        self::assertEqualsWithDelta(
            39.9,
            self::form(['0', '0.2', '0.4', '0.2', '0'], ['height' => '40.1'])->heightLeftMm(),
            1e-9,
        );
    }

    public function test_a_rule_is_too_coarse_whatever_the_line(): void
    {
        self::assertStringStartsWith(
            'Too near your tolerance to tell.',
            self::form(['0', '0.1', '0.22', '0.1', '0'], instrument: Instrument::Rule)->next()->says,
        );
    }

    public function test_it_says_when_to_make_a_new_one(): void
    {
        $form = self::form(['0', '0.2', '0.4', '0.2', '0'], sizes: ['height' => 40.1, 'least' => 40.0]);
        self::assertTrue($form->isTooLow());
        self::assertStringStartsWith('Make a new one', $form->next()->says);
        self::assertFalse(
            self::form(['0', '0.2', '0.4', '0.2', '0'], sizes: ['height' => 45.0, 'least' => 40.0])->isTooLow(),
        );
    }

    /**
     * @param  list<string>  $at
     * @param  list<string>  $gaps
     * @param  'at'|'gap'  $field
     */
    #[TestWith([['0', '450', '225', '675', '900'], ['0', '0.1', '0.2', '0.1', '0'], 2, 'at', 'before the last'])]
    #[TestWith([['0', '225', '225', '675', '900'], ['0', '0.1', '0.2', '0.1', '0'], 2, 'at', 'there already'])]
    #[TestWith([['0', '225', '450', '675', '1200'], ['0', '0.1', '0.2', '0.1', '0'], 4, 'at', 'is 900 mm long'])]
    #[TestWith([['0', '225', '450', '675', '900'], ['0', '0.1', '400', '0.1', '0'], 2, 'gap', 'Check the unit'])]
    #[TestWith([['0', '225', '450', '675', '900'], ['0', 'much', '0.2', '0.1', '0'], 1, 'gap', ''])]
    public function test_what_cannot_be_stands_beside_its_field(
        array $at,
        array $gaps,
        int $row,
        string $field,
        string $says,
    ): void {
        $form = self::form($gaps, at: $at);
        self::assertStringContainsString($says, (string) $form->lists[$field][$row]->error);
        self::assertNotNull($form->lists[$field][$row]->error);
        self::assertNull($form->result);
        self::assertStringStartsWith('Correct the reading', $form->next()->says);
    }

    /** 0.3 inch typed for 0.3 mm: 7.62 mm is asked about, and 0.3 offered. */
    public function test_the_other_unit_is_asked_about(): void
    {
        $gap = self::form(['0', '7.62', '0', '0', '0'])->lists['gap'][1];
        self::assertNull($gap->error);
        self::assertStringContainsString('Is the unit right?', (string) $gap->doubt);
        self::assertSame('0.3', $gap->instead);
    }

    /**
     * Bowed edges read with a line and a loupe, a thousand times: the true straightness lies within the stated
     * uncertainty 90 to 98 times of a hundred. (Where a coarse rule alone decides it holds always: rounding has no
     * tails.)
     */
    #[TestWith([0.1, Instrument::Loupe, 21])]
    #[TestWith([0.3, Instrument::Loupe, 22])]
    #[TestWith([0.15, Instrument::Caliper, 23])]
    public function test_the_stated_uncertainty_holds(float $line, Instrument $instrument, int $seed): void
    {
        mt_srand($seed);
        $held = 0;
        $uniform = static fn (float $wide): float => $wide * (mt_rand() / mt_getrandmax() - 0.5);
        for ($round = 0; $round < 1000; $round++) {
            $bow = 0.5 + (0.5 * mt_rand()) / mt_getrandmax();
            $gaps = [];
            foreach ([0.0, 0.5, 1.0] as $place) {
                $gap = 2 * $bow * (1 - (2 * $place - 1) ** 2) + $uniform($line) + $uniform($line);
                $gaps[] = (string) (round($gap / $instrument->resolutionMm()) * $instrument->resolutionMm());
            }
            $form = self::form(
                $gaps,
                ['lineWidth' => (string) $line],
                instrument: $instrument,
                at: ['0', '450', '900'],
            );
            $held += abs(($form->result->straightnessMm ?? INF) - $bow) <= $form->uncertaintyMm() ? 1 : 0;
        }
        self::assertGreaterThan(900, $held);
        self::assertLessThanOrEqual(985, $held);
    }

    public function test_every_number_can_be_asked_how(): void
    {
        $how = self::form(['0', '0.2', '0.4', '0.2', '0'])->explained();
        self::assertSame('at 450 mm: 0.40 mm ÷ 2 = 0.20 mm; straightness 0.20 mm', $how[0]->numbers);
        self::assertSame([], self::form(['0', '', '', '', ''])->explained());
    }
}
