<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Season;

use JackRest\Core\Care\Damp;
use JackRest\Core\Season\AirByDay;
use JackRest\Core\Season\ClimateLog;
use JackRest\Core\Season\DayOfAir;
use JackRest\Core\Season\InOrder;
use JackRest\Core\Season\RestLog;
use JackRest\Core\Timber\ClimateDay;
use JackRest\Core\Timber\EquilibriumMoisture;
use JackRest\Core\Timber\MoistureCourse;
use JackRest\Core\Timber\MoistureCourseInput;
use JackRest\Core\Timber\MoistureDay;
use PHPUnit\Framework\TestCase;

final class ClimateLogTest extends TestCase
{
    /** @return list<ClimateDay> hour by hour, the humidity given for each day */
    public static function hours(float ...$rh): array
    {
        $readings = [];
        foreach (array_values($rh) as $day => $pct) {
            for ($hour = 0; $hour < 24; $hour++) {
                $readings[] = new ClimateDay(100 + $day + $hour / 24, 20.0, $pct);
            }
        }

        return $readings;
    }

    public function test_readings_are_put_in_order_and_a_doubled_time_counts_once(): void
    {
        $log = ClimateLog::of([
            new ClimateDay(3, 20, 60),
            new ClimateDay(1, 20, 50),
            new ClimateDay(3, 20, 90),
            new ClimateDay(2, 20, 55),
        ]);
        self::assertSame([1.0, 2.0, 3.0], $log->rest->days);
        self::assertEqualsWithDelta(EquilibriumMoisture::pct(20, 60), $log->rest->rests[2], 1e-12);
    }

    public function test_silence_is_told_as_a_gap(): void
    {
        $log = ClimateLog::of([
            new ClimateDay(1, 20, 50),
            new ClimateDay(1.9, 20, 50),
            new ClimateDay(9.9, 20, 50),
            new ClimateDay(10, 20, 50),
        ]);
        $gaps = $log->rest->gaps();
        self::assertCount(1, $gaps);
        self::assertEqualsWithDelta([1.9, 9.9, 8.0], [$gaps[0]->from, $gaps[0]->until, $gaps[0]->days()], 1e-9);
    }

    /** Two readings a day, 40 and 80 %: mean 60, and the mean of the two rests, which is not the rest of the mean. */
    public function test_a_day_has_its_means_and_its_swing(): void
    {
        $days = ClimateLog::of([new ClimateDay(5.0, 10, 40), new ClimateDay(5.5, 20, 80)])->daily();
        self::assertCount(1, $days);
        self::assertSame(
            [5, 5, 2, 15.0, 60.0, 40.0, 80.0],
            [
                $days[0]->day, $days[0]->until, $days[0]->readings, $days[0]->tempC, $days[0]->rhPct,
                $days[0]->lowRhPct, $days[0]->highRhPct,
            ],
        );
        self::assertEqualsWithDelta(
            (EquilibriumMoisture::pct(10, 40) + EquilibriumMoisture::pct(20, 80)) / 2,
            $days[0]->restPct,
            1e-12,
        );
    }

    /** 12 mm has a time constant of 14 days: after 14 days in the new air 1 − 1/e of the way is made, 63.2 %. */
    public function test_wood_follows_by_the_closed_form(): void
    {
        $piece = ClimateLog::of(self::hours(...array_fill(0, 30, 50.0), ...array_fill(0, 40, 80.0)))->rest->wood(12);
        [$dry, $damp] = [EquilibriumMoisture::pct(20, 50), EquilibriumMoisture::pct(20, 80)];
        self::assertEqualsWithDelta($dry, (float) $piece->on(130.0), 1e-9);
        self::assertEqualsWithDelta($dry + ($damp - $dry) * (1 - exp(-1)), (float) $piece->on(144.0), 1e-9);
        self::assertEqualsWithDelta(
            [$dry, $damp - ($damp - $dry) * exp(-(70 - 30 - 1 / 24) / 14)],
            (array) $piece->swing(),
            1e-9,
        );
    }

    public function test_before_the_log_after_its_end_and_across_a_gap_nothing_is_claimed(): void
    {
        $readings = self::hours(...array_fill(0, 60, 50.0));
        $gap = array_values(
            array_filter($readings, static fn (ClimateDay $air): bool => $air->day < 110 || $air->day > 120),
        );
        $piece = ClimateLog::of($gap)->rest->wood(12);
        self::assertNull($piece->on(99));
        self::assertNotNull($piece->on(109));
        self::assertNull($piece->on(116));
        self::assertNull($piece->on(130), 'a time constant has not gone by');
        self::assertNotNull($piece->on(135));
        self::assertNotNull($piece->on(163), 'the end is not long ago');
        self::assertNull($piece->on(165));
        self::assertNull(ClimateLog::of([])->rest->wood(12)->on(1));
    }

    /**
     * A month at 40 % and a month at 80 %: the last 30 days say damp, both together ordinary; ten days say nothing of a
     * season.
     */
    public function test_how_damp_it_was_lately(): void
    {
        $log = ClimateLog::of(self::hours(...array_fill(0, 30, 40.0), ...array_fill(0, 30, 80.0)));
        $air = AirByDay::of($log->daily());
        self::assertEqualsWithDelta(80.0, (float) $air->meanHumidity(130, 20), 1e-9);
        self::assertEqualsWithDelta(60.0, (float) $air->meanHumidity(0, 20), 1e-9);
        self::assertNull($air->meanHumidity(150, 20));
        self::assertNull(AirByDay::of([])->meanHumidity(0, 20));
        self::assertSame([Damp::Dry, Damp::Ordinary, Damp::Damp], array_map(Damp::of(...), [40.0, 60.0, 80.0]));
    }

    /** The course of a piece in the shed is the calculation's own, through the same air from the same beginning. */
    public function test_it_is_the_course_that_the_calculation_gives(): void
    {
        $readings = array_map(
            static fn (int $hour): ClimateDay => new ClimateDay(
                10 + $hour / 8,
                10 + 8 * sin($hour / 3),
                65 + 20 * cos($hour / 5),
            ),
            range(0, 200),
        );
        $piece = ClimateLog::of($readings)->rest->wood(8);
        $course = (new MoistureCourse())(new MoistureCourseInput(8, $piece->course[0], $readings, 35.0))->course;
        self::assertEqualsWithDelta(
            $piece->course,
            array_map(static fn (MoistureDay $day): float => $day->mcPct, $course),
            1e-12,
        );
        foreach ([10.3, 17.77, 29.0] as $day) {
            $until = (new MoistureCourse())(
                new MoistureCourseInput(
                    8,
                    $piece->course[0],
                    array_values(array_filter($readings, static fn (ClimateDay $air): bool => $air->day <= $day)),
                    $day,
                ),
            )->course;
            self::assertEqualsWithDelta($until[count($until) - 1]->mcPct, (float) $piece->on($day), 1e-9);
        }
    }

    /**
     * Two quarters of a day with 24 readings each, and one reading alone: three entries, each from its first reading
     * on, with its mean.
     */
    public function test_a_thinned_log_has_the_means_of_its_quarters(): void
    {
        $rests = new RestLog([[10.0, 8.0], [10.1, 10.0], [10.2, 12.0], [10.25, 14.0], [10.4, 16.0], [12.9, 9.0]]);
        self::assertEqualsWithDelta([[10.0, 10.0], [10.25, 15.0], [12.9, 9.0]], $rests->thinned(), 1e-12);
    }

    /**
     * A year by the hour against the same in quarters of a day: wood of 5 mm and more answers too slowly to tell them
     * apart.
     */
    public function test_wood_does_not_feel_the_thinning(): void
    {
        $air = array_map(
            static fn (int $hour): ClimateDay => new ClimateDay(
                100 + $hour / 24,
                10 + 8 * sin($hour / 1400) + 4 * cos(($hour * M_PI) / 12),
                70 + 12 * cos($hour / 1400) - 9 * cos(($hour * M_PI) / 12) + 6 * sin($hour / 50),
            ),
            range(0, 8759),
        );
        $full = ClimateLog::of($air)->rest;
        $thin = new RestLog($full->thinned());
        self::assertCount(1460, $thin->days);
        foreach ([5.0, 9.0, 12.0, 25.0] as $thickness) {
            [$one, $other] = [$full->wood($thickness), $thin->wood($thickness)];
            $apart = 0.0;
            for ($day = 130.3; $day < 460; $day += 0.7) {
                $apart = max($apart, abs((float) $one->on($day) - (float) $other->on($day)));
            }
            self::assertLessThan(0.12 * (5 / $thickness) ** 2 + 0.02, $apart, "$thickness mm");
        }
    }

    /** Two files of one day, and each reading weighs the same: three of 50 % and one of 90 are 60. */
    public function test_logs_taken_together_are_the_log_of_all_their_readings(): void
    {
        $one = [new ClimateDay(5.0, 10, 50), new ClimateDay(5.2, 10, 50), new ClimateDay(5.4, 10, 50)];
        $other = [new ClimateDay(5.6, 20, 90), new ClimateDay(7.0, 0, 30)];
        $air = AirByDay::of([...ClimateLog::of($other)->daily(), ...ClimateLog::of($one)->daily()]);
        self::assertSame([5, 7], array_map(static fn (DayOfAir $day): int => $day->day, $air->days));
        self::assertEqualsWithDelta([60.0, 12.5], [$air->days[0]->rhPct, $air->days[0]->tempC], 1e-9);
        self::assertSame([50.0, 90.0, 4], [
            $air->days[0]->lowRhPct, $air->days[0]->highRhPct, $air->days[0]->readings,
        ]);
        self::assertSame([5, 7], [$air->readings(), $air->last()?->day]);
        self::assertEquals(ClimateLog::of([...$one, ...$other])->daily()[0]->rhPct, $air->days[0]->rhPct);
        self::assertNull(AirByDay::of([])->last());
    }

    /** Ten days as four points at most: three days each, with the widest swing of any and the mean of all. */
    public function test_a_long_log_is_drawn_by_fewer_points(): void
    {
        $air = AirByDay::of(ClimateLog::of(self::hours(...range(40.0, 49.0)))->daily());
        $points = $air->drawn(4);
        self::assertCount(4, $points);
        self::assertSame(
            [[100, 102], [103, 105], [106, 108], [109, 109]],
            array_map(static fn (DayOfAir $day): array => [$day->day, $day->until], $points),
        );
        self::assertSame([40.0, 42.0], [$points[0]->lowRhPct, $points[0]->highRhPct]);
        self::assertEqualsWithDelta(41.0, $points[0]->rhPct, 1e-9);
        self::assertSame($air->days, $air->drawn(10));
        self::assertCount(5, $air->drawn(9));
        self::assertSame([], AirByDay::of([])->drawn(4));
    }

    public function test_a_log_is_put_in_order_and_no_time_stands_twice(): void
    {
        $rows = [[2.0, 1.0], [1.0, 2.0], [2.0, 3.0], [-5.0, 4.0]];
        self::assertSame([[-5.0, 4.0], [1.0, 2.0], [2.0, 1.0]], InOrder::of($rows));
        self::assertSame([[-3.0, 1.0], [-1.0, 2.0]], InOrder::of([[-3.0, 1.0], [-1.0, 2.0]]));
        self::assertSame([[1.0, 1.0]], InOrder::of([[1.0, 1.0], [1.0, 2.0]]));
        self::assertSame([], InOrder::of([]));
    }
}
