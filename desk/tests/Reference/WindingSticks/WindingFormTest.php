<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Reference\WindingSticks;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\WindingCorner;
use JackRest\Desk\Reference\WindingSticks\WindingForm;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WindingFormTest extends TestCase
{
    /**
     * @param  list<array{string, string}>  $rows
     * @param  array<string, string>  $typed
     */
    private static function sheet(array $rows, array $typed = []): WindingForm
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
            new LengthFormatter(LengthUnit::Millimetre),
        );
    }

    public function test_before_a_reading_it_says_how_to_sight(): void
    {
        self::assertStringStartsWith('Lay one stick across each end', self::sheet([['600', '']])->next()->says);
    }

    /** 3 mm on sticks three times as long: 1 mm of twist, half of it off the near left and the far right corner. */
    public function test_two_high_corners_come_down(): void
    {
        $sheet = self::sheet([['600', '3']]);
        self::assertSame(
            'Take 5 shavings off the near left and the far right, running out to nothing along the diagonal. Then '
                .'sight again.',
            $sheet->next()->says,
        );
        self::assertSame(
            'Twist of 1.00 mm over its width; each high corner is down by half of it.',
            $sheet->next()->why,
        );
    }

    /** Read 3 and, with the far stick turned, 1: the stick has 1 of it, the board 2, which is 0.67 mm. */
    public function test_the_sticks_own_error_is_taken_off_the_board(): void
    {
        $sheet = self::sheet([['300', '2'], ['600', '3']], ['turned' => '1']);
        self::assertEqualsWithDelta(1.0, $sheet->sticks?->stickErrorMm, 1e-12);
        self::assertEqualsWithDelta(2 / 3, $sheet->map?->totalTwistMm, 1e-12);
        self::assertEqualsWithDelta(
            [1 / 3, 0, 1 / 6, 1 / 6, 0, 1 / 3],
            array_map(static fn (WindingCorner $corner): float => $corner->removeMm, $sheet->map->corners ?? []),
            1e-6,
        );
    }

    public function test_a_twist_the_work_bears_is_left(): void
    {
        self::assertStringStartsWith('Leave it', self::sheet([['600', '0.5']])->next()->says);
    }

    public function test_a_propeller_is_sawn(): void
    {
        self::assertStringStartsWith('Saw a twist like that out', self::sheet([['600', '60']])->next()->says);
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
        $sheet = self::sheet($rows);
        self::assertStringContainsString($says, (string) $sheet->rows[$row][$field]->error);
        self::assertStringStartsWith('Mend the figure', $sheet->next()->says);
    }

    public function test_it_is_explained_with_its_numbers(): void
    {
        self::assertSame('1.00 mm, shown 3 times as large', self::sheet([['600', '3']])->explained()[0]->numbers);
        self::assertSame([], self::sheet([['600', '']])->explained());
    }
}
