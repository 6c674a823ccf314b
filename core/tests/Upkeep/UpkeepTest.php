<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Upkeep;

use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Edge\Blade;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Upkeep\AngleCourse;
use JackRest\Core\Upkeep\BluntForecast;
use JackRest\Core\Upkeep\Clock;
use JackRest\Core\Upkeep\Consumption;
use JackRest\Core\Upkeep\EdgeEvent;
use JackRest\Core\Upkeep\EdgeForecast;
use JackRest\Core\Upkeep\EventKind;
use JackRest\Core\Upkeep\EventSheet;
use JackRest\Core\Upkeep\HoldsUp;
use JackRest\Core\Upkeep\Life;
use JackRest\Core\Upkeep\Normal;
use JackRest\Core\Upkeep\Span;
use JackRest\Core\Upkeep\StopTrialWords;
use JackRest\Core\Upkeep\TestFound;
use JackRest\Core\Upkeep\TrialSide;
use JackRest\Core\Work\Hardness;
use JackRest\Desk\EdgeHistory\AngleCourseWords;
use JackRest\Desk\EdgeHistory\ComparisonWords;
use JackRest\Desk\EdgeHistory\ConsumptionWords;
use JackRest\Desk\EdgeHistory\EdgeForecastWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** An edge's diary read: spans, angles, steel used up, what holds better. */
final class UpkeepTest extends TestCase
{
    private static function used(string $day, float $minutes, ?Hardness $wood = Hardness::Medium): EdgeEvent
    {
        return new EdgeEvent(EventKind::Used, "{$day}T12:00:00Z", $minutes, $wood);
    }

    private static function honed(string $day, ?string $stone = null, ?float $recession = null): EdgeEvent
    {
        return new EdgeEvent(EventKind::Honed, "{$day}T13:00:00Z", stone: $stone, recessionMm: $recession);
    }

    private static function measured(string $day, float $deg, string $note = ''): EdgeEvent
    {
        return new EdgeEvent(EventKind::Measured, "{$day}T13:00:00Z", deg: $deg, note: $note);
    }

    /** Printed table of the normal distribution (Abramowitz and Stegun, table 26.1): 0.8413447, 0.9750021, 0.9986501. */
    #[TestWith([0.0, 0.5])]
    #[TestWith([1.0, 0.8413447461])]
    #[TestWith([1.96, 0.9750021049])]
    #[TestWith([3.0, 0.9986501020])]
    #[TestWith([-1.0, 0.1586552539])]
    #[TestWith([1.2815515655, 0.9])]
    public function test_the_normal_distribution_is_the_printed_one(float $z, float $share): void
    {
        self::assertEqualsWithDelta($share, Normal::below($z), 1e-9);
        self::assertEqualsWithDelta($z, Normal::quantile($share), 1e-8);
    }

    public function test_far_tails_are_nothing_and_all(): void
    {
        self::assertSame([0.0, 1.0], [Normal::below(-7), Normal::below(7)]);
    }

    /** By hand: honed on the 1st, 60 minutes in soft and 20 in hard wood: 60 · 0.75 + 20 · 1.5 = 75 until the next. */
    public function test_spans_are_minutes_weighed_by_wood(): void
    {
        $life = Life::of([
            self::honed('2026-01-01'),
            self::used('2026-01-05', 60, Hardness::Soft),
            self::used('2026-01-09', 20, Hardness::Hard),
            self::honed('2026-01-10', '8000 stone'),
            self::used('2026-01-12', 30),
        ], '2026-01-20');
        self::assertSame(Clock::Minutes, $life->clock);
        self::assertEquals([new Span(75.0, '8000 stone', '2026-01-10T13:00:00Z')], $life->spans);
        self::assertSame(30.0, $life->now);
        self::assertEqualsWithDelta((45 + 30 + 30) / 15, (float) $life->perDay, 1e-12);
    }

    public function test_without_use_noted_days_are_counted(): void
    {
        $life = Life::of([self::honed('2026-01-01'), self::honed('2026-02-10'), self::honed('2026-03-02')], '2026-03-22');
        self::assertSame([Clock::Days, [40.0, 20.0], 20.0], [$life->clock, array_map(static fn (Span $span): float => $span->length, $life->spans), $life->now]);
        self::assertNull($life->perDay);
    }

    public function test_a_use_before_the_first_honing_is_no_span(): void
    {
        $life = Life::of([self::used('2026-01-01', 90), self::used('2026-01-02', 90), self::honed('2026-01-03')], '2026-01-03');
        self::assertSame([[], 0.0], [$life->spans, $life->now]);
    }

    /** PHP's own calendar counts the same days, over leap years and centuries. */
    #[TestWith(['1999-12-31', '2000-03-01'])]
    #[TestWith(['2024-02-28', '2024-03-01'])]
    #[TestWith(['1900-01-01', '2100-12-31'])]
    public function test_days_between_are_the_calendars(string $from, string $to): void
    {
        $days = (new \DateTimeImmutable($from))->diff(new \DateTimeImmutable($to))->days;
        self::assertSame((float) $days, Life::days($from, $to));
    }

    /** A span of 60 in the middle, spread ln 2 / 1.2816: eight in ten end between 30 and 120. */
    public function test_a_forecasts_range_by_hand(): void
    {
        $forecast = new BluntForecast(log(60), log(2) / Normal::quantile(0.9));
        self::assertEqualsWithDelta([30.0, 60.0, 120.0], [$forecast->quantile(0.1), $forecast->quantile(0.5), $forecast->quantile(0.9)], 1e-6);
    }

    public function test_what_has_lasted_already_narrows_the_rest(): void
    {
        $forecast = new BluntForecast(log(60), 0.5);
        self::assertGreaterThan(60.0, $forecast->quantileAfter(0.5, 60.0));
        self::assertEqualsWithDelta(0.5, $forecast->chanceWithin($forecast->quantileAfter(0.5, 40.0) - 40.0, 40.0), 1e-6);
        self::assertSame(9000.0, $forecast->quantileAfter(0.5, 9000.0), 'what outlived all reason may end at once');
        self::assertSame(1.0, $forecast->chanceWithin(1.0, 9000.0));
    }

    /** One edge alone falls back on the usual hour; a bench of long spans carries a new edge along. */
    public function test_a_new_edge_leans_on_the_others_of_its_bench(): void
    {
        $new = Life::of([self::honed('2026-01-01'), self::used('2026-01-02', 5), self::used('2026-01-03', 5)], '2026-01-04');
        $alone = EdgeForecast::all([1 => $new])[1]->blunt->quantile(0.5);
        $events = [self::honed('2025-01-01')];
        for ($month = 1; $month <= 9; $month++) {
            $events = [...$events, self::used("2025-0$month-10", 300), self::honed("2025-0$month-11")];
        }
        $old = Life::of($events, '2026-01-04');
        $among = EdgeForecast::all([1 => $new, 2 => $old, 3 => $old, 4 => $old])[1]->blunt->quantile(0.5);
        self::assertEqualsWithDelta(60.0, $alone, 1.0);
        self::assertGreaterThan(120.0, $among);
    }

    public function test_a_forecast_says_its_range_and_how_much_it_stands_on(): void
    {
        $events = [self::honed('2026-01-01'), self::used('2026-01-05', 60), self::used('2026-01-06', 20), self::honed('2026-01-10'), self::used('2026-01-20', 10)];
        $sentence = (new EdgeForecastWords(EdgeForecast::all([1 => Life::of($events, '2026-01-21')])[1]))->sentence();
        self::assertMatchesRegularExpression('/^Wants honing in about .+ \(.+ to .+\), from one honing of its own\.$/', $sentence);
        self::assertSame('Wants honing in about', substr((new EdgeForecastWords(EdgeForecast::all([1 => Life::of([self::honed('2026-01-01')], '2026-01-02')])[1]))->sentence(), 0, 21));
    }

    /** By hand: 30, 31 and 32° a month apart; a degree in 30.5 days, so 34° after about four months. */
    public function test_a_creeping_angle_is_seen_before_it_is_too_steep(): void
    {
        $course = AngleCourse::of([self::measured('2026-01-01', 30), self::measured('2026-02-01', 31), self::measured('2026-03-04', 32)], 30, 4, '2026-03-04');
        self::assertEqualsWithDelta(62.0, (float) $course->daysLeft(), 1.0);
        self::assertStringStartsWith('It steepens; in about 2 months it is 4° over', (string) (new AngleCourseWords($course))->sentence());
        self::assertStringContainsString('0.98° a month', (string) (new AngleCourseWords($course))->explained()?->numbers);
    }

    public function test_a_degree_too_steep_is_told_to_those_who_keep_to_the_degree(): void
    {
        $events = [self::measured('2026-01-01', 30), self::measured('2026-02-01', 31.5)];
        self::assertSame('It has crept 1.5° steeper than the 30° it is meant to have: back to the stones.', (new AngleCourseWords(AngleCourse::of($events, 30, AngleCourse::TOLERANCE_DEG['degree'], '2026-02-02')))->sentence());
        self::assertStringNotContainsString('crept', (string) (new AngleCourseWords(AngleCourse::of($events, 30, AngleCourse::TOLERANCE_DEG['repeatable'], '2026-02-02')))->sentence());
    }

    public function test_grinding_begins_the_course_anew_and_ground_angles_are_no_honed_ones(): void
    {
        $events = [self::measured('2026-01-01', 36), new EdgeEvent(EventKind::Ground, '2026-01-02T12:00:00Z'), self::measured('2026-01-03', 25, 'ground angle'), self::measured('2026-01-04', 30)];
        $course = AngleCourse::of($events, 30, 4, '2026-01-05');
        self::assertSame('Within 4° of the 30° it is meant to have.', (new AngleCourseWords($course))->sentence());
        self::assertNull($course->daysLeft());
        self::assertNull((new AngleCourseWords(AngleCourse::of([], 30, 4, '2026-01-05')))->sentence());
    }

    /** By hand: 10 honings of 0.05 mm in about a year: half a millimetre, so 20 mm last 40 years. */
    public function test_how_long_an_iron_lasts(): void
    {
        $events = array_map(static fn (int $month): EdgeEvent => self::honed(sprintf('2025-%02d-01', $month), recession: 0.05), range(1, 10));
        $used = Consumption::of($events, '2026-01-01');
        self::assertEqualsWithDelta([0.05, 10.0, 0.5, 40.0], [$used->honingMm, (float) $used->honingsPerYear, (float) $used->lostPerYearMm, (float) $used->years(20.0)], 0.05);
        $says = (new ConsumptionWords($used))->sentences(new Blade(50, 2.5, 25, 30, 0.5, 2), 20.0, new LengthFormatter(LengthUnit::Millimetre));
        self::assertStringContainsString('on your record', $says[0]);
        self::assertStringContainsString('20 mm of blade are left: about 40 years at 10 honings a year.', $says[1]);
    }

    public function test_one_honing_tells_no_years(): void
    {
        $used = Consumption::of([self::honed('2026-01-01')], '2026-01-08');
        self::assertNull($used->years(20.0));
        self::assertFalse($used->isOwn);
        self::assertSame(['20 mm of blade are left.'], array_slice((new ConsumptionWords($used))->sentences(new Blade(50, 2.5, 30, 30, 0, 2), 20.0, new LengthFormatter(LengthUnit::Millimetre)), -1));
    }

    /** Three edges of each steel, one goes twice as long: told apart. One witness each: not compared at all. */
    public function test_which_steel_holds_up_is_said_only_when_the_record_can_tell(): void
    {
        $told = HoldsUp::compare(['plain steel' => [[50.0, 55.0], [60.0], [52.0]], 'alloy steel' => [[110.0], [120.0, 100.0], [115.0]]])[0];
        self::assertSame(['alloy steel', true], [$told->better, $told->areToldApart()]);
        self::assertEqualsWithDelta(2.0, $told->ratio, 0.2);
        self::assertStringStartsWith('Alloy steel goes 2', (new ComparisonWords($told))->sentence());
        $unsure = HoldsUp::compare(['a' => [[50.0], [90.0]], 'b' => [[60.0], [100.0]]])[0];
        self::assertStringEndsWith('your record cannot tell yet.', (new ComparisonWords($unsure))->sentence());
        self::assertSame([], HoldsUp::compare(['a' => [[50.0]], 'b' => [[100.0], [90.0]]]));
    }

    /** Two sorts of one and the same life: at most one bench in five may claim a difference (80 % range). */
    public function test_it_seldom_sees_a_difference_that_is_not_there(): void
    {
        mt_srand(3);
        $claims = 0;
        for ($bench = 0; $bench < 300; $bench++) {
            $sorts = [];
            foreach (['a', 'b'] as $sort) {
                for ($edge = 0; $edge < 5; $edge++) {
                    $own = 60 * exp(0.4 * self::deviate());
                    $sorts[$sort][] = array_map(static fn (): float => $own * exp(0.4 * self::deviate()), range(1, 4));
                }
            }
            $claims += HoldsUp::compare($sorts)[0]->areToldApart() ? 1 : 0;
        }
        self::assertLessThan(0.25, $claims / 300);
    }

    private static function deviate(): float
    {
        return sqrt(-2 * log((mt_rand() + 1) / (mt_getrandmax() + 2))) * cos(2 * M_PI * mt_rand() / mt_getrandmax());
    }

    /**
     * @param  array<string, string>  $typed
     * @return array<string, string>
     */
    private static function errors(array $typed): array
    {
        try {
            EventSheet::read($typed, '2026-11-25T10:00:00Z');
        } catch (InvalidInput $wrong) {
            return array_combine(array_map(static fn (FieldError $error): string => $error->field, $wrong->errors), array_map(static fn (FieldError $error): string => $error->message, $wrong->errors));
        }

        return [];
    }

    public function test_an_entry_is_read_with_its_figures(): void
    {
        $event = EventSheet::read(['kind' => 'used', 'minutes' => '25,5', 'wood' => 'hard', 'day' => '2026-11-20'], '2026-11-25T10:00:00Z');
        self::assertSame([EventKind::Used, 25.5, Hardness::Hard, '2026-11-20T12:00:00Z'], [$event->kind, $event->minutes, $event->wood, $event->at]);
        $now = EventSheet::read(['kind' => 'Touched up', 'day' => ''], '2026-11-25T10:00:00Z');
        self::assertSame([EventKind::TouchedUp, '2026-11-25T10:00:00Z'], [$now->kind, $now->at]);
        self::assertSame(TestFound::cases()[0], EventSheet::read(['kind' => 'tested', 'found' => TestFound::cases()[0]->label()], '2026-11-25T10:00:00Z')->found);
    }

    public function test_every_field_that_cannot_be_read_is_named(): void
    {
        self::assertSame(['day', 'minutes', 'wood', 'strokes', 'deg'], array_keys(self::errors(['kind' => 'used', 'day' => '2026-02-30', 'minutes' => 'long', 'wood' => 'iron', 'strokes' => '2.5', 'deg' => '95'])));
        self::assertSame('That day is still to come.', self::errors(['kind' => 'honed', 'day' => '2026-11-26'])['day']);
        self::assertSame('How many minutes, about?', self::errors(['kind' => 'used'])['minutes']);
        self::assertSame('Say what the test showed.', self::errors(['kind' => 'tested'])['found']);
        self::assertSame('Type the honed angle you measured.', self::errors(['kind' => 'measured'])['deg']);
        self::assertStringStartsWith('is none of: used, tested', self::errors(['kind' => 'polished'])['kind']);
        self::assertSame([], self::errors(['kind' => 'stropped', 'strokes' => '10']));
    }

    public function test_entries_read_as_sentences(): void
    {
        $says = static fn (EdgeEvent $event): string => $event->sentence('it');
        self::assertSame('Used it for 25 minutes in soft wood.', $says(self::used('2026-01-01', 25, Hardness::Soft)));
        self::assertSame('Honed it, to the 8000 stone.', $says(self::honed('2026-01-01', '8000 stone')));
        self::assertSame('Measured it: 30.5°. after the strop', $says(self::measured('2026-01-01', 30.5, 'after the strop')));
        self::assertSame('Stropped it, 10 strokes a side.', $says(new EdgeEvent(EventKind::Stropped, '2026-01-01', strokes: 10)));
        self::assertSame('Ground it anew.', $says(new EdgeEvent(EventKind::Ground, '2026-01-01')));
    }

    /**
     * @param  array{int, int, int}  $fine
     * @param  array{int, int, int}  $coarse
     */
    #[TestWith([[5, 1, 2], [3, 2, 2], true, 'Surface and tear-out were better off 1.2 µm than off 11.5 µm: finer is worth it.'])]
    #[TestWith([[5, 1, 1], [3, 2, 2], true, 'Surface, tear-out and effort were better off 1.2 µm than off 11.5 µm: finer is worth it.'])]
    #[TestWith([[3, 2, 2], [3, 2, 2], false, 'Nothing was better off 1.2 µm than off 11.5 µm: finer is not worth it.'])]
    #[TestWith([[3, 2, 1], [3, 2, 2], false, 'Effort was better off 1.2 µm than off 11.5 µm: finer is not worth it.'])]
    public function test_a_comparison_of_two_stops_says_whether_finer_is_worth_it(array $fine, array $coarse, bool $worth, string $says): void
    {
        $words = new StopTrialWords(new TrialSide(11.5, ...$coarse), new TrialSide(1.2, ...$fine));
        self::assertSame([$worth, $says], [$words->isFinerWorthIt(), $words->sentence()]);
        self::assertSame($worth ? 1.2 : 11.5, $words->betterUm());
    }
}
