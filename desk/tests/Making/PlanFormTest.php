<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Making;

use JackRest\Core\Making\Proportion;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Shelf\RestTest;
use JackRest\Core\Shelf\WantedPiece;
use JackRest\Desk\Making\CommonSteps;
use JackRest\Desk\Making\MakingStep;
use JackRest\Desk\Making\Minutes;
use JackRest\Desk\Making\PlanForm;
use JackRest\Desk\Making\PlanKind;
use JackRest\Desk\Making\PlanSizes;
use OutOfBoundsException;
use PHPUnit\Framework\TestCase;

final class PlanFormTest extends TestCase
{
    private static function format(LengthUnit $unit = LengthUnit::Millimetre): LengthFormatter
    {
        return new LengthFormatter($unit);
    }

    /**
     * A blade of 300: 60 wide (a fifth), a stock of 210 (seven tenths) by 60 by 30 (half), a blade of 10 (a third of
     * that).
     */
    public function test_what_is_not_chosen_stands_in_proportion_to_what_is(): void
    {
        $form = PlanForm::of(PlanKind::BridleSquare, ['blade' => '300'], self::format());
        self::assertSame(
            [
                'blade' => 300.0,
                'bladeWidth' => 60.0,
                'stock' => 210.0,
                'stockWidth' => 60.0,
                'stockThickness' => 30.0,
                'bladeThickness' => 10.0,
            ],
            $form->sizes->all(),
        );
        $narrow = PlanForm::of(PlanKind::BridleSquare, ['blade' => '300', 'bladeWidth' => '36'], self::format());
        self::assertSame(
            [36.0, 36.0, 18.0, 6.0],
            array_map($narrow->sizes->get(...), ['bladeWidth', 'stockWidth', 'stockThickness', 'bladeThickness']),
        );
    }

    public function test_sizes_are_read_in_any_unit_and_asked_about_in_the_wrong_one(): void
    {
        $form = PlanForm::of(
            PlanKind::BridleSquare,
            ['blade' => '8in', 'bladeWidth' => '1 5/8in', 'stock' => '14 cm'],
            self::format(),
        );
        self::assertEqualsWithDelta(
            [203.2, 41.275, 140.0],
            array_map($form->sizes->get(...), ['blade', 'bladeWidth', 'stock']),
            1e-9,
        );
        $inch = PlanForm::of(PlanKind::Straightedge, ['length' => '36'], self::format(LengthUnit::Inch));
        self::assertEqualsWithDelta(914.4, $inch->sizes->get('length'), 1e-9);
        $slip = PlanForm::of(PlanKind::Straightedge, ['length' => '36'], self::format());
        self::assertNotNull($slip->form->readings['length']->error);
        self::assertStringContainsString('25 times', (string) $slip->form->readings['length']->error);
    }

    public function test_what_cannot_be_read_leaves_the_usual_size_standing(): void
    {
        $form = PlanForm::of(PlanKind::Mallet, ['head' => 'large', 'reach' => '40 cm'], self::format());
        self::assertFalse($form->isSound());
        self::assertNotNull($form->form->readings['head']->error);
        self::assertSame([150.0, 400.0], [$form->sizes->get('head'), $form->sizes->get('reach')]);
    }

    /** Two days of glue and the week of rest, and the minutes of all steps. */
    public function test_minutes_and_days_add_up(): void
    {
        $form = PlanForm::of(PlanKind::BridleSquare, [], self::format());
        $steps = $form->making->steps(self::format());
        self::assertSame(9, $form->days(self::format()));
        self::assertSame(
            (int) round(array_sum(array_map(static fn (MakingStep $step): float => $step->minutes, $steps))),
            $form->minutes(self::format()),
        );
        self::assertSame(0, PlanForm::of(PlanKind::Mallet, [], self::format())->days(self::format()));
    }

    public function test_a_larger_one_takes_longer(): void
    {
        $minutes = static fn (string $blade): int => PlanForm::of(
            PlanKind::BridleSquare,
            ['blade' => $blade],
            self::format(),
        )->minutes(self::format());
        self::assertLessThan($minutes('200'), $minutes('100'));
        self::assertLessThan($minutes('600'), $minutes('200'));
    }

    /**
     * 300 × 40 × 10: its sides are 2·300·(40 + 10) = 30,000 mm², 8.6 minutes at 3500 mm² each; 5 to set up, two cuts of
     * 400 mm² at 900.
     */
    public function test_minutes_by_hand(): void
    {
        self::assertSame(14.0, Minutes::toPrepare(new WantedPiece(300, 40, 10)));
        self::assertSame(
            round(5 + 2 * (30000 / 3500 + 800 / 900)),
            Minutes::toPrepare(new WantedPiece(300, 40, 10), 2),
        );
        self::assertEqualsWithDelta(2.0, Minutes::sawn(1800), 1e-9);
        self::assertSame(round(5 + 12000 / 3500), Minutes::toTrue(new WantedPiece(300, 40, 10)));
    }

    public function test_the_week_of_rest_is_the_rest_test_s_own(): void
    {
        self::assertSame(RestTest::DAYS, CommonSteps::rest()->waitDays);
        self::assertStringContainsString(
            'It moved by less than 0.15 mm',
            CommonSteps::again(new WantedPiece(200, 40, 8), self::format())->check,
        );
        self::assertStringContainsString(
            '6 thou',
            str_replace(
                '5.9',
                '6',
                CommonSteps::again(new WantedPiece(200, 40, 8), self::format(LengthUnit::Inch))->check,
            ),
        );
    }

    public function test_a_size_nobody_named_is_a_mistake_of_the_program(): void
    {
        self::assertSame(
            [12.5, 10.0, 20.0],
            [Proportion::halfMm(12.4, 10, 20), Proportion::halfMm(3, 10, 20), Proportion::halfMm(99, 10, 20)],
        );
        $this->expectException(OutOfBoundsException::class);
        (new PlanSizes(['blade' => 200.0]))->get('blad');
    }
}
