<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ShavingMapTest extends TestCase
{
    use Computes;

    /** Counts 1, 3, 1, 2: rises of 1 + 2 + 0 + 1 = 4 strokes, through stroke last. */
    public function test_strokes_are_nested_and_the_through_stroke_is_last(): void
    {
        $answer = self::compute('shaving-map', [
            'stationsMm' => [0, 100, 200, 300],
            'removeMm' => [0.1, 0.3, 0.1, 0.2],
            'shavingMm' => 0.1,
        ]);

        self::assertSame([1, 3, 1, 2], $answer['shavings']);
        self::assertEquals(
            [[100, 100], [100, 100], [300, 300], [0, 300]],
            array_map(array_values(...), $answer['passes']),
        );
        self::assertSame(4, $answer['passCount']);
    }

    public function test_a_half_is_rounded_upward(): void
    {
        $answer = self::compute('shaving-map', [
            'stationsMm' => [0, 1],
            'removeMm' => [0.05, 0.14],
            'shavingMm' => 0.1,
        ]);

        self::assertSame([1, 1], $answer['shavings']);
        self::assertEqualsWithDelta(0.05, $answer['residualMm'], 1e-12);
    }

    public function test_nothing_to_take_needs_no_stroke(): void
    {
        self::assertSame(
            [],
            self::compute('shaving-map', ['stationsMm' => [0, 1], 'removeMm' => [0, 0], 'shavingMm' => 0.1])['passes'],
        );
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 30) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    /** The strokes, counted where they pass, give exactly the shavings asked for, and no fewer could. */
    #[DataProvider('seeds')]
    public function test_strokes_give_the_counts_and_are_the_fewest(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $counts = array_map(static fn (): int => $random->getInt(0, 6), range(0, 11));
        $stations = array_map(static fn (int $index): int => 50 * $index, range(0, 11));
        $answer = self::compute('shaving-map', [
            'stationsMm' => $stations,
            'removeMm' => array_map(static fn (int $count): float => $count * 0.05, $counts),
            'shavingMm' => 0.05,
        ]);
        $given = array_map(
            static fn (int $station): int => count(
                array_filter(
                    $answer['passes'],
                    static fn (array $pass): bool => $pass['fromMm'] <= $station && $station <= $pass['toMm'],
                ),
            ),
            $stations,
        );
        $rises = array_sum(
            array_map(static fn (int $count, int $before): int => max(0, $count - $before), $counts, [
                0,
                ...array_slice($counts, 0, -1),
            ]),
        );

        self::assertSame($counts, $given);
        self::assertSame($rises, $answer['passCount']);
    }

    public function test_lists_of_different_length_are_refused(): void
    {
        $this->assertRefused(
            'shaving-map',
            ['stationsMm' => [0, 1], 'removeMm' => [0.1], 'shavingMm' => 0.1],
            'removeMm',
            'for each of the 2 stations, not 1',
        );
    }

    public function test_stations_must_ascend(): void
    {
        $this->assertRefused(
            'shaving-map',
            ['stationsMm' => [0, 5, 5], 'removeMm' => [0, 0, 0], 'shavingMm' => 0.1],
            'stationsMm[2]',
            'beyond the station before it',
        );
    }

    public function test_thousands_of_strokes_are_a_slip_of_the_unit(): void
    {
        $this->assertRefused(
            'shaving-map',
            ['stationsMm' => [0, 1], 'removeMm' => [30, 30], 'shavingMm' => 0.001],
            'shavingMm',
            'check the units',
        );
    }
}
