<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Season;

use JackRest\Core\Season\PieceInShed;
use JackRest\Core\Season\RestLog;
use JackRest\Core\Shelf\Swing;
use PHPUnit\Framework\TestCase;

/** What is known of a piece, and what is not, at the very edges of both. */
final class PieceInShedTest extends TestCase
{
    /** @return RestLog one entry a day, the rest asked by a rule of the day; days of silence left out */
    private static function log(
        int $days,
        callable $rest,
        int $silentAfter = PHP_INT_MAX,
        int $silentUntil = 0,
    ): RestLog {
        $told = array_filter(
            range(0, $days),
            static fn (int $day): bool => $day <= $silentAfter || $day >= $silentUntil,
        );

        return new RestLog(
            array_values(array_map(static fn (int $day): array => [(float) $day, (float) $rest($day)], $told)),
        );
    }

    /** 12 mm: τ 14 days, so it bears 3.5 days of silence, and 14 days after a longer one it is known again. */
    public function test_a_gap_is_claimed_across_for_a_quarter_of_the_time_constant(): void
    {
        $piece = new PieceInShed(self::log(60, static fn (): float => 12.0, 10, 20), 12);
        self::assertEqualsWithDelta(12.0, $piece->on(13.5), 1e-9);
        self::assertNull($piece->on(13.6));
        self::assertNull($piece->on(33.9));
        self::assertEqualsWithDelta(12.0, $piece->on(34.0), 1e-9);
    }

    public function test_a_silence_that_it_bears_is_no_gap(): void
    {
        $log = self::log(60, static fn (): float => 12.0, 10, 13);
        self::assertCount(1, $log->gaps());
        self::assertEqualsWithDelta(12.0, (new PieceInShed($log, 12))->on(12.9), 1e-9);
        // 6 mm: τ 3.5 days, a quarter of it less than the two days that any wood bears.
        self::assertEqualsWithDelta(12.0, (new PieceInShed($log, 6))->on(12.0), 1e-9);
        self::assertNull((new PieceInShed($log, 6))->on(12.1));
    }

    public function test_nothing_is_claimed_before_the_log_nor_long_after_it(): void
    {
        $piece = new PieceInShed(self::log(60, static fn (): float => 12.0), 12);
        self::assertNull($piece->on(-0.1));
        self::assertEqualsWithDelta(12.0, $piece->on(63.5), 1e-9);
        self::assertNull($piece->on(63.6));
        self::assertNull((new PieceInShed(new RestLog([]), 12))->on(0.0));
    }

    /**
     * From 10 to 16 % on day 200. By day 400, 200 days on, 12 mm (τ 14) is there; 24 mm (τ 56) at 16 − 6·e^(−200/56) =
     * 15.83.
     */
    public function test_thick_wood_swings_less_than_thin(): void
    {
        $log = self::log(400, static fn (int $day): float => $day < 200 ? 10.0 : 16.0);
        self::assertEqualsWithDelta([10.0, 16.0], (new PieceInShed($log, 12))->swing(), 0.001);
        self::assertEqualsWithDelta([10.0, 15.831], (new PieceInShed($log, 24))->swing(), 0.001);
    }

    /** 48 mm has a time constant of 224 days: a log of 200 days knows nothing yet of its swing. */
    public function test_a_log_shorter_than_a_time_constant_has_no_swing(): void
    {
        self::assertNull((new PieceInShed(self::log(200, static fn (): float => 12.0), 48))->swing());
    }

    public function test_the_usual_year_stands_in_where_no_log_knows_it(): void
    {
        foreach ([new RestLog([]), self::log(269, static fn (): float => 9.0)] as $short) {
            $usual = Swing::of($short, 12);
            self::assertSame([11.0, 18.0, false], [$usual->fromPct, $usual->toPct, $usual->isLogged]);
        }
        $told = Swing::of(self::log(270, static fn (): float => 9.0), 12);
        self::assertEqualsWithDelta([9.0, 9.0], [$told->fromPct, $told->toPct], 1e-9);
        self::assertTrue($told->isLogged);
    }
}
