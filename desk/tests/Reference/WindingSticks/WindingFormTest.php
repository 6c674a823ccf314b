<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Reference\WindingSticks;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\Verdict;
use JackRest\Core\Truing\WindingCorner;
use JackRest\Desk\Reference\PlaningStep;
use JackRest\Desk\Reference\WindingSticks\WindingForm;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WindingFormTest extends TestCase
{
    /**
     * @param  list<array{string, string}>  $rows
     * @param  array<string, string>  $typed
     */
    private static function form(array $rows, array $typed = [], ?float $sticksMm = 0.0): WindingForm
    {
        $typed += [
            'boardWidth' => '150',
            'stickLength' => '450',
            'turned' => '',
            'shaving' => '0.1',
            'tolerance' => '0.2',
        ];

        return WindingForm::of(
            [
                'boardWidth' => $typed['boardWidth'],
                'stickLength' => $typed['stickLength'],
                'turned' => $typed['turned'],
                'shaving' => $typed['shaving'],
                'tolerance' => $typed['tolerance'],
            ],
            array_map(static fn (array $row): array => ['at' => $row[0], 'reading' => $row[1]], $rows),
            $sticksMm,
            new LengthFormatter(LengthUnit::Millimetre),
        );
    }

    public function test_before_a_reading_it_says_how_to_sight(): void
    {
        self::assertStringStartsWith('Lay one stick across each end', self::form([['600', '']])->next()->says);
    }

    /** 3 mm on sticks three times as long: 1 mm of twist, half of it off the near left and the far right corner. */
    public function test_two_high_corners_come_down(): void
    {
        $form = self::form([['600', '3']]);
        self::assertSame(
            'Take 5 shavings off the near left and the far right, running out to nothing along the diagonal. Then '
                .'sight again.',
            $form->next()->says,
        );
        self::assertSame(
            'Twist of 1.00 mm over its width; each high corner is down by half of it.',
            $form->next()->why,
        );
    }

    /** Read 3 and, with the far stick turned, 1: the stick has 1 of it, the board 2, which is 0.67 mm. */
    public function test_the_sticks_own_error_is_taken_off_the_board(): void
    {
        $form = self::form([['300', '2'], ['600', '3']], ['turned' => '1']);
        self::assertEqualsWithDelta(1.0, $form->sticks?->stickErrorMm, 1e-12);
        self::assertEqualsWithDelta(2 / 3, $form->map?->totalTwistMm, 1e-12);
        self::assertEqualsWithDelta(
            [1 / 3, 0, 1 / 6, 1 / 6, 0, 1 / 3],
            array_map(static fn (WindingCorner $corner): float => $corner->removeMm, $form->map->corners ?? []),
            1e-6,
        );
    }

    public function test_a_twist_the_work_bears_is_left(): void
    {
        self::assertStringStartsWith('Leave it', self::form([['600', '0.2']])->next()->says);
        self::assertSame(Verdict::Within, self::form([['600', '0.2']])->verdict());
    }

    /**
     * By hand: an eye tells 0.5 mm; one reading counts 1.96 · 0.5/√12 = 0.283 mm, 0.094 on a board a third as wide as
     * the sticks are long; both ways round 1.96 · 0.5/√24 ÷ 3 = 0.067. Sticks nobody tested may be 0.3 out:
     * √(0.283² + 0.3²) ÷ 3 = 0.137.
     */
    public function test_how_sure_it_is(): void
    {
        $known = self::form([['600', '0.5']]);
        $turned = self::form([['600', '0.5']], ['turned' => '0.5'], null);
        $untested = self::form([['600', '0.5']], sticksMm: null);
        self::assertEqualsWithDelta(
            [0.0943, 0.0667, 0.1374],
            array_map(
                static fn (WindingForm $form): float => $form->budget()->expandedMm(),
                [$known, $turned, $untested],
            ),
            1e-4,
        );
    }

    /** 0.17 ± 0.10 mm beside 0.2: both may be so. Turned, 0.17 ± 0.07 is no better, and longer sticks are asked for. */
    public function test_too_near_to_tell_is_said(): void
    {
        $once = self::form([['600', '0.5']]);
        self::assertSame(Verdict::CannotTell, $once->verdict());
        self::assertStringContainsString('turn the far stick end for end', $once->next()->says);
        self::assertStringContainsString(
            'sight over longer sticks',
            self::form([['600', '0.5']], ['turned' => '0.5'])->next()->says,
        );
    }

    /** 1 mm of twist, 5 shavings of 0.1 off each of two corners. */
    public function test_it_can_be_written_down_and_planed_step_by_step(): void
    {
        $form = self::form([['600', '3']]);
        $test = $form->ofBoard();
        self::assertSame(
            [WindingForm::SERIES, 1.0, Verdict::Outside],
            [$test?->series, $test?->errorMm, $test?->verdict],
        );
        self::assertSame(
            [
                ['5 shavings off the near left, along the diagonal', 5, 600.0],
                ['5 shavings off the far right, along the diagonal', 5, 600.0],
            ],
            array_map(
                static fn (PlaningStep $step): array => [$step->says, $step->strokes, $step->toMm],
                $form->strokes(),
            ),
        );
        self::assertNull(self::form([['600', '']])->ofBoard());
        self::assertSame([], self::form([['600', '3']], ['shaving' => ''])->strokes());
    }

    public function test_a_propeller_is_sawn(): void
    {
        self::assertStringStartsWith('Saw a twist like that out', self::form([['600', '60']])->next()->says);
    }

    /**
     * @param  list<array{string, string}>  $rows
     * @param  'at'|'reading'  $field
     */
    #[TestWith([[['600', '1'], ['300', '1']], 1, 'at', 'before the last'])]
    #[TestWith([[['600', '1'], ['600', '1']], 1, 'at', 'there already'])]
    #[TestWith([[['600', '300']], 0, 'reading', 'Check the unit'])]
    #[TestWith([[['0', '1']], 0, 'at', 'beyond the near one'])]
    public function test_what_cannot_be_stands_beside_its_field(
        array $rows,
        int $row,
        string $field,
        string $says,
    ): void {
        $form = self::form($rows);
        self::assertStringContainsString($says, (string) $form->rows[$row][$field]->error);
        self::assertStringStartsWith('Correct the reading', $form->next()->says);
    }

    public function test_it_is_explained_with_its_numbers(): void
    {
        self::assertSame('1.00 mm, shown 3 times as large', self::form([['600', '3']])->explained()[0]->numbers);
        self::assertSame([], self::form([['600', '']])->explained());
    }
}
