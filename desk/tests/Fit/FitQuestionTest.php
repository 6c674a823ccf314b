<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Fit;

use JackRest\Core\Fit\OwnBite;
use JackRest\Core\Fit\SawCount;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\Fit\FitForm;
use JackRest\Desk\Fit\FitQuestion;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The fits as a screen asks them: typed readings in, sentences out. */
final class FitQuestionTest extends TestCase
{
    /** @param  array<string, string>  $typed */
    private static function form(
        FitQuestion $question,
        array $typed = [],
        Hardness $hardness = Hardness::Soft,
        LengthUnit $unit = LengthUnit::Millimetre,
    ): FitForm {
        return $question->answered($typed, $hardness, self::tools(), new LengthFormatter($unit));
    }

    /** @return list<ToolAtHand> */
    private static function tools(): array
    {
        return [
            new ToolAtHand('1', 'dovetail-saw', 'small saw', ['tpi' => 15, 'length' => 250, 'depth' => 45]),
            new ToolAtHand('2', 'rip-handsaw', 'rip saw', ['tpi' => 5, 'length' => 650]),
            new ToolAtHand('3', 'carcase-saw', 'cross saw', ['tpi' => 12, 'length' => 280, 'depth' => 62]),
            new ToolAtHand('4', 'jack-plane', 'jack', ['length' => 355]),
            new ToolAtHand('5', 'try-plane', 'long plane', ['length' => 600]),
            new ToolAtHand('6', 'bench-chisel', 'six', ['width' => 6]),
            new ToolAtHand('7', 'bench-chisel', 'twelve', ['width' => 12]),
            new ToolAtHand('8', 'mortise-chisel', 'mortiser', ['width' => 10]),
            new ToolAtHand('9', 'coping-saw', 'coping', ['plate' => 0.5]),
            new ToolAtHand('10', 'shoulder-plane', 'shoulder', ['iron' => 20]),
            new ToolAtHand('11', 'brace', 'short brace', ['sweep' => 200]),
        ];
    }

    public function test_a_saw_shaped_for_the_cut_comes_first(): void
    {
        self::assertStringStartsWith(
            'Take the rip saw: about ',
            self::form(FitQuestion::Saws, ['grain' => 'along'])->next->says,
        );
        $across = self::form(FitQuestion::Saws, ['grain' => 'across']);
        self::assertStringStartsWith('Take the cross saw: about ', $across->next->says);
        self::assertStringContainsString(
            'rip teeth wander across the grain',
            $across->rows[count($across->rows) - 1]->says,
        );
    }

    public function test_a_saw_too_shallow_is_said_to_be(): void
    {
        $rows = array_column(
            self::form(FitQuestion::Saws, ['thickness' => '50', 'depth' => '50'])->rows,
            'verdict',
            'name',
        );
        self::assertSame('too shallow', $rows['small saw']);
    }

    /** Common practice, no source: a board of oak, 150 × 25 mm, is cut across in some fifty strokes. */
    public function test_a_long_saw_is_driven_from_the_shoulder(): void
    {
        $saws = [
            new ToolAtHand('1', 'crosscut-handsaw', 'cross saw', ['tpi' => 8, 'length' => 600]),
            new ToolAtHand('2', 'panel-saw', 'panel saw', ['tpi' => 10, 'length' => 550]),
        ];
        $typed = ['thickness' => '25', 'depth' => '150', 'grain' => 'across'];
        $format = new LengthFormatter(LengthUnit::Millimetre);
        $rows = FitQuestion::Saws->answered($typed, Hardness::Hard, $saws, $format)->rows;
        self::assertCount(2, $rows);
        foreach ($rows as $row) {
            self::assertTrue($row->good, $row->says);
            self::assertGreaterThanOrEqual(40, $row->draw['strokes']);
            self::assertLessThanOrEqual(75, $row->draw['strokes']);
        }
        // A batten of pine is no quicker for it: there the hand is the limit.
        $rows = FitQuestion::Saws->answered(['grain' => 'across'], Hardness::Soft, $saws, $format)->rows;
        foreach ($rows as $row) {
            self::assertGreaterThanOrEqual(5, $row->draw['strokes']);
            self::assertLessThanOrEqual(12, $row->draw['strokes']);
        }
    }

    public function test_points_and_teeth_are_both_told(): void
    {
        self::assertStringContainsString('12 teeth, 13 points per inch', self::form(FitQuestion::Saws)->rows[0]->says);
    }

    public function test_whose_factor_is_in_use_is_said(): void
    {
        $own = OwnBite::from([
            new SawCount(12, 224, 22, 22, Hardness::Soft, 8),
            new SawCount(12, 224, 22, 22, Hardness::Soft, 9),
        ]);
        assert($own !== null);
        $form = FitQuestion::Saws->answered(
            [],
            Hardness::Soft,
            self::tools(),
            new LengthFormatter(LengthUnit::Millimetre),
            ['3' => $own],
        );
        $models = array_column($form->rows, 'model', 'name');

        self::assertStringStartsWith('your own count: ', (string) $models['cross saw']);
        self::assertStringContainsString('from 2 cuts', (string) $models['cross saw']);
        self::assertSame('the model’s bite (from memory)', $models['rip saw']);
    }

    public function test_the_shortest_sole_that_does_comes_first(): void
    {
        self::assertSame('The long plane straightens it by itself.', self::form(FitQuestion::Soles)->next->says);
        self::assertSame(
            'The jack straightens it by itself.',
            self::form(FitQuestion::Soles, ['length' => '500'])->next->says,
        );
        self::assertStringStartsWith(
            'Straighten it hump by hump with the long plane',
            self::form(FitQuestion::Soles, ['length' => '2000'])->next->says,
        );
    }

    public function test_chisels_for_gap_and_mortise(): void
    {
        self::assertSame('Take the 6 mm chisel for the waste.', self::form(FitQuestion::Chisels)->next->says);
        self::assertSame(
            'Take the 6 mm chisel for the waste. The 10 mm is as wide as the mortise.',
            self::form(FitQuestion::Chisels, ['mortise' => '10'])->next->says,
        );
        self::assertSame(
            'No chisel of yours goes into 4 mm.',
            self::form(FitQuestion::Chisels, ['pin' => '4'])->next->says,
        );
    }

    public function test_readings_are_understood_in_the_unit_of_the_user(): void
    {
        self::assertSame(
            'Take the 15/64 in chisel for the waste.',
            self::form(FitQuestion::Chisels, ['pin' => '5/16'], unit: LengthUnit::Inch)->next->says,
        );
    }

    public function test_a_blade_that_binds_names_one_that_would_not(): void
    {
        self::assertSame(
            'None of your blades; a fine fret blade would.',
            self::form(FitQuestion::Blades, ['plate' => '0.4', 'set' => '0.03'])->next->says,
        );
    }

    public function test_a_brace_too_short_says_what_it_takes(): void
    {
        self::assertSame(
            'None of yours: it takes a sweep of 250 mm.',
            self::form(FitQuestion::Braces, ['diameter' => '25'], Hardness::Hard)->next->says,
        );
    }

    public function test_an_impossible_tenon_gets_one_sentence(): void
    {
        self::assertSame(
            'The tenon must be thinner than its stock.',
            self::form(FitQuestion::Shoulders, ['stock' => '10', 'tenon' => '12'])->next->says,
        );
    }

    public function test_transfers_are_counted_whatever_the_unit(): void
    {
        self::assertSame(
            3.0,
            self::form(FitQuestion::Marks, ['times' => '3'], unit: LengthUnit::Inch)->form->readings['times']->value,
        );
        self::assertSame(
            'Blade or wheel gauge: good enough.',
            self::form(FitQuestion::Marks, ['times' => '3'])->next->says,
        );
    }

    /** @return iterable<string, array{FitQuestion}> */
    public static function questions(): iterable
    {
        foreach (FitQuestion::cases() as $question) {
            yield $question->value => [$question];
        }
    }

    #[DataProvider('questions')]
    public function test_each_asks_answers_and_explains(FitQuestion $question): void
    {
        $form = self::form($question);
        self::assertNotSame([], $form->rows, $question->asks());
        self::assertNotSame('', $form->how[0]->numbers);
        self::assertNotSame('', $question->short());
    }

    #[DataProvider('questions')]
    public function test_each_bears_an_empty_board(FitQuestion $question): void
    {
        self::assertNotSame(
            '',
            $question->answered([], Hardness::Hard, [], new LengthFormatter(LengthUnit::Millimetre))->next->says,
        );
    }

    #[DataProvider('questions')]
    public function test_a_reading_out_of_reason_is_refused_beside_its_field(FitQuestion $question): void
    {
        $field = $question->fit()->fields()[0]->name;
        $form = self::form($question, [$field => '999999']);
        self::assertNotNull($form->form->readings[$field]->error);
        self::assertSame('Put that reading right first.', $form->next->says);
    }
}
