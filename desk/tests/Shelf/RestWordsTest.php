<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Shelf;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Season\RestLog;
use JackRest\Core\Shelf\RestReading;
use JackRest\Core\Shelf\RestTest;
use JackRest\Desk\Shelf\RestWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Measured, left a week, measured again: "if it moved, use another piece" (common practice, no source). */
final class RestWordsTest extends TestCase
{
    /** 1 November 2026 is day 20758. */
    private const FIRST = 20758.5;

    /**
     * @return iterable<string, array{list<array{float, float, float, float}>, float, string}> days after
     * the first with bow, wind, cup; days until today
     */
    public static function rests(): iterable
    {
        yield 'nothing measured' => [[], 0, 'Not rested yet: prepare it, measure it, leave it a week.'];
        yield 'three days on' => [[[0, 0.1, 0, 0]], 3, 'Resting until 8 November.'];
        yield 'a week on' => [[[0, 0.1, 0, 0]], 7, 'Its week is over: measure it again.'];
        yield 'measured too early and still' => [[[0, 0.1, 0, 0], [2, 0.1, 0, 0]], 3, 'Resting until 8 November.'];
        yield 'moved before the week is over' => [
            [[0, 0.1, 0, 0], [2, 0.1, 0.4, 0]],
            2,
            'It moved by 0.40 mm of wind in 2 days: use another piece.',
        ];
        yield 'stayed' => [
            [[0, 0.1, -0.2, 0], [7, 0.15, -0.2, 0.05]],
            7,
            'It rested 7 days and stayed as it was, within 0.05 mm.',
        ];
        yield 'stayed to a hair' => [[[0, 0, 0, 0], [8, 0, 0, 0]], 8, 'It rested 8 days and stayed as it was.'];
        yield 'moved' => [
            [[0, 0.1, 0, 0.2], [7, 0.35, 0, 0.3]],
            7,
            'It moved by 0.25 mm of bow in 7 days: use another piece.',
        ];
        yield 'moved and came back' => [
            [[0, 0, 0, 0], [7, 0, 0, 0.5], [14, 0, 0, 0]],
            14,
            'It moved by 0.50 mm of cup in 14 days: use another piece.',
        ];
        yield 'a bow that changed sides' => [
            [[0, -0.1, 0, 0], [7, 0.1, 0, 0]],
            7,
            'It moved by 0.20 mm of bow in 7 days: use another piece.',
        ];
    }

    /** @param  list<array{float, float, float, float}>  $visits */
    #[DataProvider('rests')]
    public function test_what_it_did_is_told(array $visits, float $days, string $says): void
    {
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
        self::assertSame($says, self::words($rest)->says());
    }

    /** The air of the week tells whether it moved by itself. */
    public function test_what_the_air_did_meanwhile(): void
    {
        $rest = new RestTest([new RestReading(30, 0, 0, 0), new RestReading(37, 0.1, 0, 0)], 38);
        $air = static fn (float $then): RestLog => new RestLog(
            array_map(static fn (int $day): array => [(float) $day, $day < 30 ? 12.0 : $then], range(0, 60)),
        );
        self::assertSame(
            'The air stayed as it was meanwhile: what it did, it did by itself.',
            self::words($rest)->meanwhile($air(12.1)->wood(20)),
        );
        // 20 mm: τ = 38.9 days. It begins at the mean of its first τ, 13.4, and is at 12.6 on day 30; in a week it goes
        // 16.5 % of the way to 18, 0.9.
        self::assertSame(
            'Meanwhile its wood took up 0.9 % by your log.',
            self::words($rest)->meanwhile($air(18.0)->wood(20)),
        );
        self::assertSame(
            'Meanwhile its wood gave off 0.6 % by your log.',
            self::words($rest)->meanwhile($air(8.0)->wood(20)),
        );
        self::assertNull(self::words($rest)->meanwhile((new RestLog([]))->wood(20)));
        self::assertNull(
            self::words(new RestTest([new RestReading(30, 0, 0, 0)], 38))->meanwhile($air(18.0)->wood(20)),
        );
    }

    private static function words(RestTest $rest): RestWords
    {
        return new RestWords($rest, new LengthFormatter(LengthUnit::Millimetre));
    }
}
