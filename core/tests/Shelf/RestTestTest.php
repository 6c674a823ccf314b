<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Shelf;

use JackRest\Core\Season\RestLog;
use JackRest\Core\Shelf\RestReading;
use JackRest\Core\Shelf\RestTest;
use JackRest\Core\Shelf\RestVerdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Measured, left a week, measured again: "if it moved, use another piece" (common practice, no source). */
final class RestTestTest extends TestCase
{
    /** 1 November 2026 is day 20758. */
    private const FIRST = 20758.5;

    /**
     * @return iterable<string, array{list<array{float, float, float, float}>, float, RestVerdict}> days after
     * the first with bow, wind, cup; days until today
     */
    public static function rests(): iterable
    {
        yield 'nothing measured' => [
            [],
            0,
            RestVerdict::NotBegun,
        ];
        yield 'three days on' => [[[0, 0.1, 0, 0]], 3, RestVerdict::Resting];
        yield 'a week on' => [[[0, 0.1, 0, 0]], 7, RestVerdict::Due];
        yield 'measured too early and still' => [
            [[0, 0.1, 0, 0], [2, 0.1, 0, 0]],
            3,
            RestVerdict::Resting,
        ];
        yield 'moved before the week is over' => [
            [[0, 0.1, 0, 0], [2, 0.1, 0.4, 0]],
            2,
            RestVerdict::Moved,
        ];
        yield 'stayed' => [
            [[0, 0.1, -0.2, 0], [7, 0.15, -0.2, 0.05]],
            7,
            RestVerdict::Still,
        ];
        yield 'stayed to a hair' => [
            [[0, 0, 0, 0], [8, 0, 0, 0]],
            8,
            RestVerdict::Still,
        ];
        yield 'moved' => [
            [[0, 0.1, 0, 0.2], [7, 0.35, 0, 0.3]],
            7,
            RestVerdict::Moved,
        ];
        yield 'moved and came back' => [
            [[0, 0, 0, 0], [7, 0, 0, 0.5], [14, 0, 0, 0]],
            14,
            RestVerdict::Moved,
        ];
        yield 'a bow that changed sides' => [
            [[0, -0.1, 0, 0], [7, 0.1, 0, 0]],
            7,
            RestVerdict::Moved,
        ];
    }

    /** @param  list<array{float, float, float, float}>  $visits */
    #[DataProvider('rests')]
    public function test_the_verdict_comes_from_what_it_did(
        array $visits,
        float $days,
        RestVerdict $verdict,
    ): void {
        $rest = new RestTest(
            array_map(
                static fn (array $visit): RestReading => new RestReading(
                    self::FIRST + $visit[0],
                    $visit[1],
                    $visit[2],
                    $visit[3],
                ),
                $visits,
            ),
            self::FIRST + $days,
        );
        self::assertSame($verdict, $rest->verdict);
        self::assertSame(
            in_array($verdict, [RestVerdict::Resting, RestVerdict::Due], true) ? self::FIRST + 7 : null,
            $rest->againOn(),
        );
    }

    /** The air of the week tells whether it moved by itself. */
    public function test_what_the_air_did_meanwhile(): void
    {
        $rest = new RestTest([new RestReading(30, 0, 0, 0), new RestReading(37, 0.1, 0, 0)], 38);
        $air = static fn (float $then): RestLog => new RestLog(
            array_map(static fn (int $day): array => [(float) $day, $day < 30 ? 12.0 : $then], range(0, 60)),
        );
        self::assertSame(0.0, $rest->airDidPct($air(12.1)->wood(20)));
        // 20 mm: τ = 38.9 days. It begins at the mean of its first τ, 13.4, and is at 12.6 on day 30; in a week it goes
        // 16.5 % of the way to 18, 0.9.
        self::assertEqualsWithDelta(0.9, $rest->airDidPct($air(18.0)->wood(20)), 0.05);
        self::assertEqualsWithDelta(-0.6, $rest->airDidPct($air(8.0)->wood(20)), 0.05);
        self::assertNull($rest->airDidPct((new RestLog([]))->wood(20)));
        self::assertNull((new RestTest([new RestReading(30, 0, 0, 0)], 38))->airDidPct($air(18.0)->wood(20)));
    }

    /** A week is over a quarter of a day early; what moved less than two readings differ has not moved. */
    public function test_the_hour_and_the_hair_at_which_the_verdict_turns(): void
    {
        $rest = static fn (float $day, float $bow, float $today): RestTest => new RestTest(
            [new RestReading(self::FIRST, 0, 0, 0), new RestReading(self::FIRST + $day, $bow, 0, 0)],
            self::FIRST + $today,
        );
        self::assertSame(RestVerdict::Still, $rest(6.75, 0.15, 7.0)->verdict);
        self::assertSame(RestVerdict::Resting, $rest(6.7, 0.15, 6.7)->verdict);
        self::assertSame(RestVerdict::Due, $rest(6.7, 0.15, 6.75)->verdict);
        self::assertSame(RestVerdict::Moved, $rest(6.7, 0.16, 6.8)->verdict);
        self::assertSame(RestVerdict::Moved, $rest(6.7, -0.16, 6.8)->verdict);
    }

    public function test_what_moved_most_and_how_long_it_rested(): void
    {
        $rest = new RestTest([
            new RestReading(self::FIRST, 0.2, 0.1, 0.0),
            new RestReading(self::FIRST + 3, 0.1, 0.6, -0.3),
            new RestReading(self::FIRST + 9.4, 0.0, 0.1, 0.0),
        ], self::FIRST + 10);
        self::assertSame(['wind', 0.5, 9], [$rest->what, round($rest->movedMm, 9), $rest->restedDays()]);
        $none = new RestTest([], self::FIRST);
        self::assertSame(['', 0.0, 0, null], [$none->what, $none->movedMm, $none->restedDays(), $none->againOn()]);
        $one = new RestTest([new RestReading(self::FIRST, 1, 1, 1)], self::FIRST + 30);
        self::assertSame(['', 0.0, 0], [$one->what, $one->movedMm, $one->restedDays()]);
    }
}
