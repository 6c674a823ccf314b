<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing;

use JackRest\Core\Tests\Computes;
use JackRest\Core\Truing\LinearProgram;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Winding sticks, slopes and grades, by hand and against GLPK. */
final class WindingTest extends TestCase
{
    use Computes;

    /** Sticks three times as long as the board is wide show its twist three times: 3 mm on them is 1 mm of board. */
    public function test_long_sticks_show_the_twist_larger(): void
    {
        $board = self::compute('winding-sticks', [
            'boardWidthMm' => 150,
            'stickLengthMm' => 450,
            'readingMm' => -3,
            'shavingMm' => 0.1,
        ]);
        self::assertEqualsWithDelta(
            [-1.0, -rad2deg(atan(1 / 150)), 3.0, 0.5],
            [$board['twistMm'], $board['twistDeg'], $board['magnification'], $board['removeAtHighCornersMm']],
            1e-12,
        );
        self::assertSame(5, $board['shavings']);
        self::assertArrayNotHasKey('stickErrorMm', $board);
    }

    /** 3 mm one way, 1 mm with the far stick turned: the board has 2, the stick 1. */
    public function test_turning_one_stick_parts_its_own_error_from_the_boards(): void
    {
        $board = self::compute('winding-sticks', [
            'boardWidthMm' => 200,
            'stickLengthMm' => 400,
            'readingMm' => 3,
            'turnedReadingMm' => 1,
        ]);
        self::assertEqualsWithDelta([1.0, 1.0], [$board['twistMm'], $board['stickErrorMm']], 1e-12);
    }

    public function test_a_plain_twist_comes_off_its_two_high_corners(): void
    {
        $board = self::compute('winding-map', [
            'boardWidthMm' => 150,
            'stickLengthMm' => 450,
            'stations' => [
                ['atMm' => 0, 'readingMm' => 0],
                ['atMm' => 300, 'readingMm' => 1.5],
                ['atMm' => 600, 'readingMm' => 3],
            ],
            'shavingMm' => 0.1,
        ]);
        $remove = array_column($board['corners'], 'removeMm');
        self::assertEqualsWithDelta([0.5, 0, 0.25, 0.25, 0, 0.5], $remove, 1e-9);
        self::assertSame(['left', 'right', 'left', 'right', 'left', 'right'], array_column($board['corners'], 'side'));
        self::assertSame([5, 0, 3, 3, 0, 5], array_column($board['corners'], 'shavings'));
        self::assertEqualsWithDelta(1.0, $board['totalTwistMm'], 1e-12);
    }

    public function test_a_board_without_twist_loses_nothing(): void
    {
        $board = self::compute('winding-map', [
            'boardWidthMm' => 150,
            'stickLengthMm' => 450,
            'stations' => [['atMm' => 0, 'readingMm' => 0], ['atMm' => 600, 'readingMm' => 0]],
        ]);
        self::assertSame([0.0, 0.0, 0.0, 0.0], array_map(floatval(...), array_column($board['corners'], 'removeMm')));
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    /** Largest removal and, after it, the total: two linear programs, solved by GLPK as well. */
    #[DataProvider('seeds')]
    public function test_the_plane_is_the_one_glpk_finds(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $stations = [['atMm' => 0, 'readingMm' => 0]];
        for ($index = 1; $index < $random->getInt(3, 9); $index++) {
            $stations[] = [
                'atMm' => 100 * $index + $random->getInt(0, 50),
                'readingMm' => $random->getInt(-40, 40) / 10,
            ];
        }
        $remove = array_column(
            self::compute('winding-map', ['boardWidthMm' => 150, 'stickLengthMm' => 450, 'stations' => $stations])[
                'corners'
            ],
            'removeMm',
        );
        $rows = $sum = [];
        foreach ($stations as ['atMm' => $at, 'readingMm' => $reading]) {
            foreach ([-1.0, 1.0] as $side) {
                $z = ($side * $reading) / 6;
                $rows[] = [['p' => 1.0, 'q' => $side, 'r' => $at / 100], '<=', $z];
                $rows[] = [['p' => 1.0, 'q' => $side, 'r' => $at / 100, 'w' => 1.0], '>=', $z];
                $sum[] = $at / 100;
            }
        }
        $most = Glpsol::least(['w' => 1.0], $rows);
        self::assertEqualsWithDelta($most, max([0.0, ...$remove]), 1e-6);
        $rows[] = [['w' => 1.0], '<=', $most + 1e-9];
        self::assertEqualsWithDelta(
            Glpsol::least(['p' => -count($sum), 'r' => -array_sum($sum)], $rows),
            array_sum($remove),
            1e-5,
        );
    }

    /** By hand: least x + y with x ≥ 1, y ≥ 2, x + y ≥ 4 is 4. */
    public function test_a_small_program_by_hand(): void
    {
        $x = LinearProgram::least([1.0, 1.0], [[[1.0, 0.0], 1.0], [[0.0, 1.0], 2.0], [[1.0, 1.0], 4.0]]);
        self::assertEqualsWithDelta(4.0, array_sum($x), 1e-9);
        self::assertGreaterThanOrEqual(2.0 - 1e-9, $x[1]);
    }

    public function test_conditions_that_contradict_each_other_are_said(): void
    {
        $this->expectException(LogicException::class);
        LinearProgram::least([1.0], [[[1.0], 1.0], [[-1.0], 0.0]]);
    }

    /**
     * @param  array<string, mixed>  $input
     */
    #[
        TestWith([
            [
                'boardWidthMm' => 150,
                'stickLengthMm' => 450,
                'stations' => [['atMm' => 0, 'readingMm' => 1], ['atMm' => 600, 'readingMm' => 0]],
            ],
            'stations[0].readingMm',
            'must be 0',
        ]),
    ]
    #[
        TestWith([
            [
                'boardWidthMm' => 150,
                'stickLengthMm' => 450,
                'stations' => [['atMm' => 0, 'readingMm' => 0], ['atMm' => 0, 'readingMm' => 0]],
            ],
            'stations[1]',
            'same place',
        ]),
    ]
    #[
        TestWith([
            [
                'boardWidthMm' => 150,
                'stickLengthMm' => 450,
                'stations' => [['atMm' => 0, 'readingMm' => 0], ['atMm' => 9, 'readingMm' => 500]],
            ],
            'stations[1].readingMm',
            'smaller than the sticks',
        ]),
    ]
    public function test_bad_stations_are_refused_by_place(array $input, string $field, string $part): void
    {
        $this->assertRefused('winding-map', $input, $field, $part);
    }

    public function test_a_reading_larger_than_the_sticks_is_refused(): void
    {
        $this->assertRefused(
            'winding-sticks',
            ['boardWidthMm' => 150, 'stickLengthMm' => 450, 'readingMm' => 450],
            'readingMm',
            'smaller than the sticks',
        );
    }

    /** The trade's three slopes, as every table gives them: 9.462°, 8.130°, 7.125°. */
    #[TestWith([6, 9.462322])]
    #[TestWith([7, 8.130102])]
    #[TestWith([8, 7.125016])]
    public function test_slopes_as_angles(float $ratio, float $deg): void
    {
        self::assertEqualsWithDelta($deg, self::compute('slope-template', ['ratio' => $ratio])['angleDeg'], 1e-6);
    }

    /** 10.5 over 70 is 1 in 6.667: 8.531°, 0.401° steeper than 1 in 7. */
    public function test_a_measured_slope_against_the_one_it_should_have(): void
    {
        $slope = self::compute('slope-template', ['riseMm' => 10.5, 'runMm' => 70, 'nominalRatio' => 7]);
        self::assertEqualsWithDelta(
            [8.530766, 6.666667, 0.400663],
            [$slope['angleDeg'], $slope['ratio'], $slope['errorDeg']],
            1e-6,
        );
    }

    /**
     * @param  array<string, mixed>  $input
     */
    #[TestWith([['ratio' => 7, 'riseMm' => 1, 'runMm' => 7], 'ratio', 'one of the two'])]
    #[TestWith([[], 'ratio', 'one of the two'])]
    #[TestWith([['riseMm' => 1], 'runMm', 'is missing'])]
    #[TestWith([['ratio' => 7, 'nominalRatio' => 7], 'nominalRatio', 'measured'])]
    public function test_a_slope_is_given_one_way(array $input, string $field, string $part): void
    {
        $this->assertRefused('slope-template', $input, $field, $part);
    }

    /** DIN 875-1, from memory: over 200 mm 4, 9, 20 and 40 µm. */
    public function test_grades_of_a_square(): void
    {
        $grades = self::compute('square-grade', ['bladeLengthMm' => 200, 'errorMm' => -0.009])['grades'];
        self::assertEqualsWithDelta([0.004, 0.009, 0.02, 0.04], array_column($grades, 'toleranceMm'), 1e-12);
        self::assertSame([false, true, true, true], array_column($grades, 'met'));
        self::assertSame(['00', '0', '1', '2'], array_column($grades, 'grade'));
    }
}
