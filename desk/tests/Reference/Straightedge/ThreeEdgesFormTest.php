<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Reference\Straightedge;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\EdgeFound;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Reference\PlaningStep;
use JackRest\Desk\Reference\Straightedge\ThreeEdgesForm;
use PHPUnit\Framework\TestCase;

/** Three edges read pair by pair: each step asks for the next pair, the last says what to plane. */
final class ThreeEdgesFormTest extends TestCase
{
    private const AT = ['0', '225', '450', '675', '900'];

    /**
     * @param  array<string, list<string>>  $columns
     * @param  list<string>  $at
     */
    private static function form(array $columns, string $tolerance = '0.1', array $at = self::AT): ThreeEdgesForm
    {
        $rows = array_map(
            static fn (int $index): array => [
                'at' => $at[$index],
                ...array_map(static fn (array $column): string => $column[$index], $columns),
            ],
            array_keys($at),
        );

        return ThreeEdgesForm::of(
            ['shaving' => '0.05', 'tolerance' => $tolerance],
            $rows,
            Instrument::Caliper,
            new LengthFormatter(LengthUnit::Millimetre),
        );
    }

    /** Middle heights 0.1, −0.2 and 0: gaps 0.1, 0.2 and −0.1 against the ends, here with 0.1 of air everywhere. */
    private const GAPS = [
        'ab' => ['0.1', '0.175', '0.2', '0.175', '0.1'],
        'bc' => ['0.1', '0.25', '0.3', '0.25', '0.1'],
        'ca' => ['0.1', '0.025', '0', '0.025', '0.1'],
    ];

    public function test_each_pair_is_asked_for_in_turn(): void
    {
        self::assertStringStartsWith('Close the first and the second', self::form([])->next()->says);
        self::assertStringStartsWith(
            'Now the second and the third',
            self::form(['ab' => self::GAPS['ab']])->next()->says,
        );
        self::assertStringStartsWith(
            'Now the third and the first',
            self::form(['ab' => self::GAPS['ab'], 'bc' => self::GAPS['bc']])->next()->says,
        );
    }

    public function test_all_three_are_found_and_the_worst_is_planed_first(): void
    {
        $form = self::form(self::GAPS);
        self::assertEqualsWithDelta(
            [0.1, 0.2, 0.0],
            array_map(static fn (EdgeFound $edge): float => $edge->straightnessMm, $form->edges()),
            1e-9,
        );
        self::assertSame(
            'Plane the second edge: 8 strokes over what is hatched, the shortest first. Then test all three again.',
            $form->next()->says,
        );
    }

    public function test_straight_enough_is_left(): void
    {
        self::assertStringStartsWith('Leave all three', self::form(self::GAPS, '0.3')->next()->says);
    }

    /** The first and second read again with the second turned: the same figures agree, one misread by 0.3 does not. */
    public function test_pairs_that_contradict_each_other_are_read_again(): void
    {
        $agree = self::form([...self::GAPS, 'abTurned' => self::GAPS['ab']]);
        self::assertFalse($agree->contradicts());
        $misread = self::form([...self::GAPS, 'abTurned' => ['0.1', '0.475', '0.2', '0.175', '0.1']]);
        self::assertTrue($misread->contradicts());
        self::assertStringStartsWith('Read the pairs again: they contradict each other by', $misread->next()->says);
    }

    public function test_a_turned_pair_wants_places_that_meet_again(): void
    {
        $form = self::form([...self::GAPS, 'abTurned' => self::GAPS['ab']], at: ['0', '200', '450', '675', '900']);
        self::assertNull($form->result);
        self::assertStringContainsString('as far from one end', $form->next()->says);
    }

    public function test_wrong_figures_stand_beside_their_field(): void
    {
        $form = self::form([...self::GAPS, 'bc' => ['0.1', 'wide', '0.3', '0.25', '0.1']]);
        self::assertNotNull($form->pairs->rows[1]['bc']->error);
        self::assertStringStartsWith('Correct the reading', $form->next()->says);
        self::assertNotNull(self::form(self::GAPS, at: ['0', '225', '225', '675', '900'])->pairs->rows[2]['at']->error);
    }

    /** A reading of 0.01 mm: 1.96 · √1.5 · 0.866 · 0.01/√12 = 0.0060 mm. */
    public function test_how_sure_it_is(): void
    {
        self::assertEqualsWithDelta(0.00600, self::form([])->uncertaintyMm(), 1e-5);
        self::assertSame('straight to 0.10 mm, 0.20 mm, 0.00 mm', self::form(self::GAPS)->explained()[0]->numbers);
    }

    public function test_what_it_says_of_each_can_be_written_down(): void
    {
        $form = self::form(self::GAPS);
        $second = $form->ofOne(1);
        self::assertSame(Verdict::Outside, $second?->verdict);
        self::assertEqualsWithDelta([0.2, $form->uncertaintyMm()], [$second->errorMm, $second->uncertaintyMm], 1e-9);
        self::assertSame([0.0, 225.0, 450.0, 675.0, 900.0], $second->facts['stationsMm']);
        self::assertSame(Verdict::Within, $form->ofOne(2)?->verdict);
        self::assertNull(self::form(['ab' => self::GAPS['ab']])->ofOne(0));
        $misread = self::form([...self::GAPS, 'abTurned' => ['0.1', '0.475', '0.2', '0.175', '0.1']]);
        self::assertNull($misread->ofOne(0), 'what contradicts itself is not written down');
    }

    /** 8 strokes, as the advice says. */
    public function test_the_worst_is_planed_step_by_step(): void
    {
        $form = self::form(self::GAPS);
        self::assertSame(1, $form->worst());
        self::assertSame(
            8,
            array_sum(array_map(static fn (PlaningStep $step): int => $step->strokes, $form->strokes())),
        );
        self::assertSame(
            [null, []],
            [self::form(self::GAPS, '0.3')->worst(), self::form(self::GAPS, '0.3')->strokes()],
        );
    }
}
