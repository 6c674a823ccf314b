<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\EdgeHistory;

use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\EdgeCondition;
use JackRest\Core\EdgeHistory\AngleCourse;
use JackRest\Core\EdgeHistory\BluntForecast;
use JackRest\Core\EdgeHistory\Clock;
use JackRest\Core\EdgeHistory\Consumption;
use JackRest\Core\EdgeHistory\EdgeEntry;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\EdgeHistory\EdgeForecast;
use JackRest\Core\EdgeHistory\Life;
use JackRest\Core\Timber\Hardness;
use PHPUnit\Framework\TestCase;

/** How an angle creeps, how fast steel goes, and when an edge will want honing. */
final class AngleAndWearTest extends TestCase
{
    private static function measured(string $day, float $deg, string $note = ''): EdgeEntry
    {
        return new EdgeEntry(EdgeEntryKind::Measured, "{$day}T12:00:00Z", note: $note, deg: $deg);
    }

    private static function entry(EdgeEntryKind $kind, string $day, ?float $recession = null): EdgeEntry
    {
        return new EdgeEntry($kind, "{$day}T12:00:00Z", recessionMm: $recession);
    }

    /** By hand: 30° on the 1st, 31° on the 11th: a tenth a day; 32.5 is reached 15 days after the 11th. */
    public function test_the_line_through_what_was_measured_tells_when_it_is_too_steep(): void
    {
        $events = [self::measured('2026-03-01', 30.0), self::measured('2026-03-11', 31.0)];
        $course = AngleCourse::of($events, 30.0, 2.5, '2026-03-11');
        self::assertEqualsWithDelta(15.0, $course->daysLeft(), 1e-9);
        self::assertEqualsWithDelta(1.0, $course->overDeg(), 1e-9);
        self::assertEqualsWithDelta(0.1, $course->line()?->slope, 1e-9);
        self::assertEqualsWithDelta(5.0, AngleCourse::of($events, 30.0, 2.5, '2026-03-21')->daysLeft(), 1e-9);
        self::assertSame(0.0, AngleCourse::of($events, 30.0, 2.5, '2026-05-01')->daysLeft());
    }

    public function test_grinding_begins_the_course_anew(): void
    {
        $course = AngleCourse::of(
            [
                self::measured('2026-03-01', 30.0),
                self::measured('2026-03-11', 34.0),
                self::entry(EdgeEntryKind::Ground, '2026-03-12'),
                self::measured('2026-03-13', 30.5),
            ],
            30.0,
            4.0,
            '2026-03-14',
        );
        self::assertSame(0.5, $course->overDeg());
        self::assertNull($course->daysLeft());
        self::assertNull($course->line());
        self::assertNull(AngleCourse::of([], 30.0, 4.0, '2026-03-14')->overDeg());
    }

    /** What was measured of the ground bevel is no measure of the honed one. */
    public function test_only_measurements_of_the_honed_angle_count(): void
    {
        $course = AngleCourse::of(
            [
                self::measured('2026-03-01', 25.0, 'ground bevel'),
                self::measured('2026-03-02', 30.0),
                self::entry(EdgeEntryKind::Honed, '2026-03-03'),
                self::measured('2026-03-12', 31.0, 'by the gauge'),
            ],
            30.0,
            4.0,
            '2026-03-12',
        );
        self::assertCount(2, $course->measured);
        self::assertEqualsWithDelta(30.0, $course->daysLeft(), 1e-9);
    }

    public function test_an_angle_that_stays_or_was_measured_on_one_day_tells_no_day(): void
    {
        $at = static fn (string $second, float $deg): AngleCourse => AngleCourse::of(
            [self::measured('2026-03-01', 30.0), self::measured($second, $deg)],
            30.0,
            4.0,
            '2026-03-12',
        );
        self::assertNull($at('2026-03-11', 30.0)->daysLeft(), 'it stays');
        self::assertNull($at('2026-03-11', 29.0)->daysLeft(), 'it sinks');
        self::assertNull($at('2026-03-01', 31.0)->daysLeft(), 'one day');
        self::assertNull($at('2026-03-11', 30.001)->daysLeft(), 'more than ten years');
    }

    /** By hand: 0.05 and 0.15 mm at two honings 100 days ago and later: 2 · 365.25 / 100 a year of 0.1 mm each. */
    public function test_what_a_year_takes_of_a_blade(): void
    {
        $used = Consumption::of(
            [
                self::entry(EdgeEntryKind::Honed, '2026-01-01', 0.05),
                self::entry(EdgeEntryKind::Used, '2026-01-05', 9.0),
                self::entry(EdgeEntryKind::TouchedUp, '2026-02-01', 0.15),
            ],
            '2026-04-11',
        );
        self::assertEqualsWithDelta(0.1, $used->honingMm, 1e-12);
        self::assertTrue($used->isOwn);
        self::assertEqualsWithDelta(3.6525, $used->honingsPerYear, 1e-9);
        self::assertEqualsWithDelta(0.36525, $used->lostPerYearMm, 1e-9);
        self::assertEqualsWithDelta(10.0, $used->years(3.6525), 1e-9);
        self::assertNull($used->years(null));
    }

    /** Every sixty days is six times a year, whether it was done twice or ten times, and counted on the day itself. */
    public function test_the_first_honing_begins_the_count(): void
    {
        $first = (int) strtotime('2026-01-01 UTC');
        $day = static fn (int $place): string => gmdate('Y-m-d', $first + $place * 60 * 86_400);
        foreach ([2, 3, 10] as $times) {
            $entries = array_map(
                static fn (int $place): EdgeEntry => self::entry(EdgeEntryKind::Honed, $day($place)),
                range(0, $times - 1),
            );
            $used = Consumption::of($entries, $day($times - 1));
            self::assertEqualsWithDelta(365.25 / 60, $used->honingsPerYear, 1e-9, "$times times");
        }
    }

    /** Two honings in a first week are counted as if over sixty days. */
    public function test_a_first_week_is_no_habit(): void
    {
        $week = [self::entry(EdgeEntryKind::Honed, '2026-01-01'), self::entry(EdgeEntryKind::Honed, '2026-01-05')];
        self::assertEqualsWithDelta(365.25 / 60, Consumption::of($week, '2026-01-08')->honingsPerYear, 1e-9);
    }

    public function test_one_honing_tells_nothing_of_a_year_and_the_usual_stands_in(): void
    {
        $one = Consumption::of([self::entry(EdgeEntryKind::Honed, '2026-01-01')], '2026-06-01');
        self::assertSame((float) EdgeCondition::Dull->usualRecessionMm(), $one->honingMm);
        self::assertFalse($one->isOwn);
        self::assertNull($one->honingsPerYear);
        self::assertNull($one->years(5.0));
        $own = Consumption::of([self::entry(EdgeEntryKind::Honed, '2026-01-01', 0.2)], '2026-06-01');
        self::assertSame([0.2, true, null], [$own->honingMm, $own->isOwn, $own->lostPerYearMm]);
    }

    public function test_a_small_bevel_goes_back_to_the_wheel_and_a_single_flat_one_never(): void
    {
        $used = Consumption::of([self::entry(EdgeEntryKind::Honed, '2026-01-01', 0.02)], '2026-06-01');
        $micro = new Blade(12.0, 4.0, 25.0, 30.0, 0.8, 1.0);
        self::assertGreaterThan(0, $used->honingsToWheel($micro));
        self::assertNull($used->honingsToWheel(new Blade(12.0, 4.0, 30.0, 30.0, 0.0, 1.0)));
    }

    /** What is used ten minutes a day reaches what it bears ten times as fast as what is used one minute a day. */
    public function test_days_until_honing_go_by_the_minutes_of_a_day(): void
    {
        $events = [self::entry(EdgeEntryKind::Honed, '2026-01-01')];
        foreach (range(2, 31) as $day) {
            $events[] = new EdgeEntry(
                EdgeEntryKind::Used,
                sprintf('2026-01-%02dT12:00:00Z', $day),
                10.0,
                Hardness::Medium,
            );
        }
        $life = Life::of($events, '2026-01-31');
        self::assertSame(Clock::Minutes, $life->clock);
        $forecast = EdgeForecast::all([7 => $life])[7];
        $soon = $forecast->days(0.1);
        $late = $forecast->days(0.9);
        self::assertNotNull($soon);
        self::assertGreaterThan($soon, $late);
        $wider = new BluntForecast($forecast->blunt->logMean, hypot($forecast->blunt->logSpread, 0.4));
        self::assertEqualsWithDelta(
            ($wider->quantileAfter(0.5, $life->now) - $life->now) / (float) $life->perDay,
            $forecast->days(0.5),
            1e-9,
        );
        self::assertSame($forecast->blunt->chanceWithin(30.0, $life->now), $forecast->chanceDuring(30.0));
        self::assertGreaterThan($forecast->chanceDuring(5.0), $forecast->chanceDuring(60.0));
    }

    /** Where nobody writes down minutes the days themselves count. */
    public function test_days_until_honing_where_only_honings_are_known(): void
    {
        $events = array_map(
            static fn (string $day): EdgeEntry => self::entry(EdgeEntryKind::Honed, $day),
            ['2026-01-01', '2026-01-15', '2026-02-01'],
        );
        $life = Life::of($events, '2026-02-05');
        self::assertSame(Clock::Days, $life->clock);
        $forecast = EdgeForecast::all([7 => $life])[7];
        self::assertEqualsWithDelta(
            $forecast->blunt->quantileAfter(0.5, $life->now) - $life->now,
            $forecast->days(0.5),
            1e-9,
        );
        self::assertSame($forecast->blunt->chanceWithin(1.0, $life->now), $forecast->chanceDuring(45.0));
    }
}
