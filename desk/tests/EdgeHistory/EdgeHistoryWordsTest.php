<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\EdgeHistory;

use JackRest\Core\Calculation\FieldError;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Edge\Blade;
use JackRest\Core\EdgeHistory\AngleCourse;
use JackRest\Core\EdgeHistory\Consumption;
use JackRest\Core\EdgeHistory\EdgeEntry;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\EdgeHistory\EdgeForecast;
use JackRest\Core\EdgeHistory\EdgeLifeComparison;
use JackRest\Core\EdgeHistory\Life;
use JackRest\Core\EdgeHistory\TestFound;
use JackRest\Core\EdgeHistory\TrialSide;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\EdgeHistory\AngleCourseWords;
use JackRest\Desk\EdgeHistory\ComparisonWords;
use JackRest\Desk\EdgeHistory\ConsumptionWords;
use JackRest\Desk\EdgeHistory\EdgeEntryForm;
use JackRest\Desk\EdgeHistory\EdgeForecastWords;
use JackRest\Desk\EdgeHistory\StopTrialWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** An edge's diary read: spans, angles, steel used up, what holds better. */
final class EdgeHistoryWordsTest extends TestCase
{
    private static function used(string $day, float $minutes, ?Hardness $wood = Hardness::Medium): EdgeEntry
    {
        return new EdgeEntry(EdgeEntryKind::Used, "{$day}T12:00:00Z", $minutes, $wood);
    }

    private static function honed(string $day, ?string $stone = null, ?float $recession = null): EdgeEntry
    {
        return new EdgeEntry(EdgeEntryKind::Honed, "{$day}T13:00:00Z", stone: $stone, recessionMm: $recession);
    }

    private static function measured(string $day, float $deg, string $note = ''): EdgeEntry
    {
        return new EdgeEntry(EdgeEntryKind::Measured, "{$day}T13:00:00Z", deg: $deg, note: $note);
    }

    /**
     * @param  array<string, string>  $typed
     * @return array<string, string>
     */
    private static function errors(array $typed): array
    {
        try {
            EdgeEntryForm::read($typed, '2026-11-25T10:00:00Z');
        } catch (InvalidInput $wrong) {
            return array_combine(
                array_map(static fn (FieldError $error): string => $error->field, $wrong->errors),
                array_map(static fn (FieldError $error): string => $error->message, $wrong->errors),
            );
        }

        return [];
    }

    public function test_a_forecast_says_its_range_and_how_much_it_stands_on(): void
    {
        $events = [
            self::honed('2026-01-01'),
            self::used('2026-01-05', 60),
            self::used('2026-01-06', 20),
            self::honed('2026-01-10'),
            self::used('2026-01-20', 10),
        ];
        $sentence = (new EdgeForecastWords(EdgeForecast::all([1 => Life::of($events, '2026-01-21')])[1]))->sentence();
        self::assertMatchesRegularExpression(
            '/^Wants honing in about .+ \(.+ to .+\), from one honing of its own\.$/',
            $sentence,
        );
        self::assertSame(
            'Wants honing in about',
            substr(
                (new EdgeForecastWords(
                    EdgeForecast::all([1 => Life::of([self::honed('2026-01-01')], '2026-01-02')])[1],
                ))->sentence(),
                0,
                21,
            ),
        );
    }

    /** By hand: 30, 31 and 32° a month apart; a degree in 30.5 days, so 34° after about four months. */
    public function test_a_creeping_angle_is_seen_before_it_is_too_steep(): void
    {
        $course = AngleCourse::of(
            [self::measured('2026-01-01', 30), self::measured('2026-02-01', 31), self::measured('2026-03-04', 32)],
            30,
            4,
            '2026-03-04',
        );
        self::assertEqualsWithDelta(62.0, (float) $course->daysLeft(), 1.0);
        self::assertStringStartsWith(
            'It steepens; in about 2 months it is 4° over',
            (string) (new AngleCourseWords($course))->sentence(),
        );
        self::assertStringContainsString(
            '0.98° a month',
            (string) (new AngleCourseWords($course))->explained()?->numbers,
        );
    }

    public function test_a_degree_too_steep_is_told_to_those_who_keep_to_the_degree(): void
    {
        $events = [self::measured('2026-01-01', 30), self::measured('2026-02-01', 31.5)];
        self::assertSame(
            'It has crept 1.5° steeper than the 30° it is meant to have: back to the stones.',
            (new AngleCourseWords(
                AngleCourse::of($events, 30, AngleCourse::TOLERANCE_DEG['degree'], '2026-02-02'),
            ))->sentence(),
        );
        self::assertStringNotContainsString(
            'crept',
            (string) (new AngleCourseWords(
                AngleCourse::of($events, 30, AngleCourse::TOLERANCE_DEG['repeatable'], '2026-02-02'),
            ))->sentence(),
        );
    }

    public function test_grinding_begins_the_course_anew_and_ground_angles_are_no_honed_ones(): void
    {
        $events = [
            self::measured('2026-01-01', 36),
            new EdgeEntry(EdgeEntryKind::Ground, '2026-01-02T12:00:00Z'),
            self::measured('2026-01-03', 25, 'ground angle'),
            self::measured('2026-01-04', 30),
        ];
        $course = AngleCourse::of($events, 30, 4, '2026-01-05');
        self::assertSame('Within 4° of the 30° it is meant to have.', (new AngleCourseWords($course))->sentence());
        self::assertNull($course->daysLeft());
        self::assertNull((new AngleCourseWords(AngleCourse::of([], 30, 4, '2026-01-05')))->sentence());
    }

    /** By hand: ten honings of 0.05 mm in the year after the first: half a millimetre, so 20 mm last 40 years. */
    public function test_how_long_an_iron_lasts(): void
    {
        $events = array_map(
            static fn (int $month): EdgeEntry => self::honed(sprintf('2025-%02d-01', $month), recession: 0.05),
            range(1, 11),
        );
        $used = Consumption::of($events, '2026-01-01');
        self::assertEqualsWithDelta(
            [0.05, 10.0, 0.5, 40.0],
            [$used->honingMm, (float) $used->honingsPerYear, (float) $used->lostPerYearMm, (float) $used->years(20.0)],
            0.05,
        );
        $says = (new ConsumptionWords($used))->sentences(
            new Blade(50, 2.5, 25, 30, 0.5, 2),
            20.0,
            new LengthFormatter(LengthUnit::Millimetre),
        );
        self::assertStringContainsString('on your record', $says[0]);
        self::assertStringContainsString('20 mm of blade are left: about 40 years at 10 honings a year.', $says[1]);
    }

    public function test_one_honing_tells_no_years(): void
    {
        $used = Consumption::of([self::honed('2026-01-01')], '2026-01-08');
        self::assertNull($used->years(20.0));
        self::assertFalse($used->isOwn);
        self::assertSame(
            ['20 mm of blade are left.'],
            array_slice(
                (new ConsumptionWords($used))->sentences(
                    new Blade(50, 2.5, 30, 30, 0, 2),
                    20.0,
                    new LengthFormatter(LengthUnit::Millimetre),
                ),
                -1,
            ),
        );
    }

    /** Three edges of each steel, one goes twice as long: told apart. One witness each: not compared at all. */
    public function test_which_steel_holds_up_is_said_only_when_the_record_can_tell(): void
    {
        $told = EdgeLifeComparison::compare([
            'plain steel' => [[50.0, 55.0], [60.0], [52.0]],
            'alloy steel' => [[110.0], [120.0, 100.0], [115.0]],
        ])[0];
        self::assertSame(['alloy steel', true], [$told->better, $told->areToldApart()]);
        self::assertEqualsWithDelta(2.0, $told->ratio, 0.2);
        self::assertStringStartsWith('Alloy steel goes 2', (new ComparisonWords($told))->sentence());
        $unsure = EdgeLifeComparison::compare(['a' => [[50.0], [90.0]], 'b' => [[60.0], [100.0]]])[0];
        self::assertSame(
            'B or a: your record can’t tell yet which goes longer between honings.',
            (new ComparisonWords($unsure))->sentence(),
        );
        self::assertSame([], EdgeLifeComparison::compare(['a' => [[50.0]], 'b' => [[100.0], [90.0]]]));
    }

    public function test_an_entry_is_read_with_its_figures(): void
    {
        $event = EdgeEntryForm::read(
            ['kind' => 'used', 'minutes' => '25,5', 'wood' => 'hard', 'day' => '2026-11-20'],
            '2026-11-25T10:00:00Z',
        );
        self::assertSame(
            [EdgeEntryKind::Used, 25.5, Hardness::Hard, '2026-11-20T12:00:00Z'],
            [$event->kind, $event->minutes, $event->wood, $event->at],
        );
        $now = EdgeEntryForm::read(['kind' => 'Touched up', 'day' => ''], '2026-11-25T10:00:00Z');
        self::assertSame([EdgeEntryKind::TouchedUp, '2026-11-25T10:00:00Z'], [$now->kind, $now->at]);
        self::assertSame(
            TestFound::cases()[0],
            EdgeEntryForm::read(['kind' => 'tested', 'found' => TestFound::cases()[0]->label()], '2026-11-25T10:00:00Z')
                ->found,
        );
    }

    public function test_every_field_that_cannot_be_read_is_named(): void
    {
        self::assertSame(
            ['day', 'minutes', 'wood', 'strokes', 'deg'],
            array_keys(
                self::errors([
                    'kind' => 'used',
                    'day' => '2026-02-30',
                    'minutes' => 'long',
                    'wood' => 'iron',
                    'strokes' => '2.5',
                    'deg' => '95',
                ]),
            ),
        );
        self::assertSame('That day is still to come.', self::errors(['kind' => 'honed', 'day' => '2026-11-26'])['day']);
        self::assertSame('How many minutes, about?', self::errors(['kind' => 'used'])['minutes']);
        self::assertSame('Say what the test showed.', self::errors(['kind' => 'tested'])['found']);
        self::assertSame('Type the honed angle you measured.', self::errors(['kind' => 'measured'])['deg']);
        self::assertStringStartsWith('is none of: used, tested', self::errors(['kind' => 'polished'])['kind']);
        self::assertSame([], self::errors(['kind' => 'stropped', 'strokes' => '10']));
    }

    /**
     * @param  array{int, int, int}  $fine
     * @param  array{int, int, int}  $coarse
     */
    #[
        TestWith([
            [5, 1, 2],
            [3, 2, 2],
            true,
            'Surface and tear-out were better off 1.2 µm than off 11.5 µm: finer is worth it.',
        ]),
    ]
    #[
        TestWith([
            [5, 1, 1],
            [3, 2, 2],
            true,
            'Surface, tear-out and effort were better off 1.2 µm than off 11.5 µm: finer is worth it.',
        ]),
    ]
    #[TestWith([[3, 2, 2], [3, 2, 2], false, 'Nothing was better off 1.2 µm than off 11.5 µm: finer is not worth it.'])]
    #[TestWith([[3, 2, 1], [3, 2, 2], false, 'Effort was better off 1.2 µm than off 11.5 µm: finer is not worth it.'])]
    public function test_a_comparison_of_two_stops_says_whether_finer_is_worth_it(
        array $fine,
        array $coarse,
        bool $worth,
        string $says,
    ): void {
        $words = new StopTrialWords(new TrialSide(11.5, ...$coarse), new TrialSide(1.2, ...$fine));
        self::assertSame([$worth, $says], [$words->isFinerWorthIt(), $words->sentence()]);
        self::assertSame($worth ? 1.2 : 11.5, $words->betterUm());
    }
}
