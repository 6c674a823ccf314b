<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Filing;

use JackRest\Core\Filing\SawState;
use JackRest\Core\Filing\SawTeeth;
use JackRest\Core\Filing\SawTeethInput;
use JackRest\Core\Filing\SawUse;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Filing\FilingPlan;
use JackRest\Desk\Filing\FilingStep;
use JackRest\Desk\Filing\SawForm;
use JackRest\Desk\Filing\SawReadings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A saw read, judged and planned. */
final class SawFormTest extends TestCase
{
    private const READ = [
        'tpi' => '10',
        'rake' => '4',
        'fleam' => '0',
        'set' => '0.1',
        'plate' => '0.8',
        'length' => '254',
        'depth' => '60',
    ];

    /** @param  array<string, string>  $typed */
    private static function form(
        array $typed = [],
        SawState $state = SawState::Dull,
        SawUse $use = SawUse::Rip,
        bool $isHardened = false,
    ): SawForm {
        return SawForm::of($typed + self::READ, $use, $state, $isHardened, 80.0, self::format());
    }

    private static function format(): LengthFormatter
    {
        return new LengthFormatter(LengthUnit::Millimetre);
    }

    private static function plan(
        SawState $state,
        ?float $setMm = 0.1,
        float $plateMm = 0.8,
        int $count = 100,
    ): FilingPlan {
        $teeth = (new SawTeeth())(new SawTeethInput(2.54));

        return FilingPlan::of($state, $teeth, $count, $plateMm, $setMm, 0.1, 'triangular file', false, self::format());
    }

    /** @return list<string> */
    private static function tools(FilingPlan $plan): array
    {
        return array_map(static fn (FilingStep $step): string => "{$step->tool} {$step->count}", $plan->steps);
    }

    /** 254 mm at ten to the inch are a hundred teeth. */
    public function test_teeth_are_counted(): void
    {
        self::assertSame(100, self::form()->count);
        self::assertTrue(self::form()->canFile());
    }

    /**
     * Dull: jointed, filed from both sides, the burr off. Uneven: every gullet shaped first.
     *
     * @param  list<string>  $tools
     */
    #[TestWith([SawState::TouchUp, ['triangular file 50', 'triangular file 50', 'fine stone 2']])]
    #[TestWith([SawState::Dull, ['flat file 2', 'triangular file 50', 'triangular file 50', 'fine stone 2']])]
    #[
        TestWith([
            SawState::Uneven,
            ['flat file 8', 'triangular file 100', 'triangular file 50', 'triangular file 50', 'fine stone 2'],
        ]),
    ]
    public function test_each_state_has_its_steps(SawState $state, array $tools): void
    {
        self::assertSame($tools, self::tools(self::plan($state)));
    }

    /** Joint, shape, set, file: the order never changes (common practice, no source). */
    public function test_the_order_is_joint_shape_set_file(): void
    {
        self::assertSame(
            [
                'flat file 4',
                'triangular file 101',
                'saw set 51',
                'saw set 50',
                'triangular file 51',
                'triangular file 50',
                'fine stone 2',
            ],
            self::tools(self::plan(SawState::Retooth, 0.0, count: 101)),
        );
    }

    #[TestWith([0.1, false])]
    #[TestWith([0.09, false])]
    #[TestWith([0.07, true])]
    #[TestWith([null, true])]
    public function test_it_is_set_where_set_is_short_or_not_known(?float $setMm, bool $isSet): void
    {
        self::assertSame(
            $isSet,
            str_contains(implode(' ', self::tools(self::plan(SawState::Dull, $setMm))), 'saw set'),
        );
    }

    /**
     * 0.2 mm at 0.02 a stroke are ten strokes in 0.8 mm of plate; twice as many in a plate twice as thick; two at
     * least.
     */
    public function test_strokes_grow_with_what_is_taken_and_with_the_plate(): void
    {
        self::assertSame(
            [10, 20, 2],
            [
                self::plan(SawState::Uneven)->strokes,
                self::plan(SawState::Uneven, plateMm: 1.6)->strokes,
                self::plan(SawState::TouchUp)->strokes,
            ],
        );
    }

    public function test_time_adds_up(): void
    {
        $plan = self::plan(SawState::Dull);
        self::assertEqualsWithDelta(
            array_sum(array_map(static fn (FilingStep $step): float => $step->seconds, $plan->steps)),
            $plan->seconds(),
            1e-9,
        );
        self::assertGreaterThan($plan->seconds(), self::plan(SawState::Uneven)->seconds());
    }

    /** 60 − 0.4·80 = 28 mm to spare; jointed by 0.2 a time: 140 filings. */
    public function test_filings_left_by_hand(): void
    {
        self::assertSame(140, self::form([], SawState::Uneven)->filingsLeft);
        self::assertSame(0, self::form(['depth' => '32'])->filingsLeft);
        self::assertSame(1, self::form(['depth' => '32.25'], SawState::Uneven)->filingsLeft);
        self::assertStringContainsString(
            'there is one filing left',
            (string) self::form(['depth' => '32.25'], SawState::Uneven)->worth(),
        );
        self::assertStringContainsString('more than 100 filings', (string) self::form()->worth());
        self::assertNull(self::form(['depth' => ''])->worth());
    }

    public function test_what_is_not_worth_filing_is_not_filed(): void
    {
        self::assertFalse(self::form(['depth' => '32'])->canFile());
        self::assertSame('Not worth another filing.', self::form(['depth' => '32'])->next()->says);
        self::assertFalse(self::form(isHardened: true)->canFile());
        self::assertSame('Hardened teeth cannot be filed.', self::form(isHardened: true)->worth());
    }

    public function test_it_asks_for_what_is_missing(): void
    {
        self::assertStringStartsWith('Count the teeth', self::form(['tpi' => ''])->next()->says);
        self::assertStringStartsWith('Measure the toothed edge', self::form(['length' => ''])->next()->says);
        self::assertSame([], self::form(['tpi' => ''])->effects());
    }

    public function test_each_number_says_what_it_does(): void
    {
        self::assertSame(
            [
                '2.54 mm from tip to tip: medium: for joints and stock of middling thickness.',
                '4° of rake: aggressive, hard to start.',
                '0° of fleam: chisel points, for cuts along the grain.',
                'It cuts 1.00 mm wide.',
            ],
            self::form()->effects(),
        );
        self::assertStringContainsString('10° of slope', implode(' ', self::form(['slope' => '10'])->effects()));
        self::assertStringContainsString(
            'knife points',
            implode(' ', self::form(['fleam' => '20', 'rake' => '15'])->effects()),
        );
        self::assertCount(2, self::form()->how());
    }

    /**
     * More rake and fleam across the grain than along it; more set in wet wood than in dry (common practice, no
     * source).
     */
    public function test_uses_differ_as_the_trade_has_it(): void
    {
        self::assertGreaterThan(SawUse::Rip->rakeDeg(), SawUse::Cross->rakeDeg());
        self::assertSame(0.0, SawUse::Rip->fleamDeg());
        self::assertGreaterThan(SawUse::Cross->setMm(0.8), SawUse::Wet->setMm(0.8));
        self::assertSame(0.05, SawUse::Joinery->setMm(0.4), 'enough for a joinery saw in dry hardwood');
    }

    /** Sixteen tips over an inch, both ends counted, are fifteen pitches. */
    public function test_counted_tips_make_a_pitch(): void
    {
        self::assertEqualsWithDelta(25.4 / 15, SawReadings::countedPitch(16, 25.4) ?? 0.0, 1e-12);
        self::assertNull(SawReadings::countedPitch(1, 25.4));
        self::assertNull(SawReadings::countedPitch(null, 25.4));
        self::assertNull(self::reading('tpi', ['tpi' => '15', 'tips' => '16', 'over' => '25.4'])[1]);
        self::assertSame(
            'The count says 12 teeth to the inch.',
            self::reading('tpi', ['tpi' => '15', 'tips' => '13', 'over' => '25.4'])[1],
        );
    }

    /** @return iterable<string, array{string, array<string, string>, string}> */
    public static function impossible(): iterable
    {
        yield 'teeth that nobody files' => ['tpi', ['tpi' => '60'], 'between 2 and 40'];
        yield 'finer than the plate is thick' => [
            'tpi',
            ['tpi' => '36', 'plate' => '0.9'],
            'cannot carry so fine a pitch',
        ];
        yield 'coarser than the plate is deep' => [
            'tpi',
            ['tpi' => '3', 'depth' => '12'],
            'more than a third of a plate',
        ];
        yield 'a set that breaks teeth' => ['set', ['set' => '0.5'], 'breaks teeth'];
        yield 'a rake beyond' => ['rake', ['rake' => '60'], 'Rake lies between'];
        yield 'set teeth narrower than the plate' => ['across', ['across' => '0.7'], 'Narrower than the plate'];
        yield 'a length in words' => ['length', ['length' => 'long'], ''];
    }

    /** @param  array<string, string>  $typed */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_is_refused_beside_its_figure(string $name, array $typed, string $part): void
    {
        [$error] = self::reading($name, $typed);
        self::assertNotNull($error);
        self::assertStringContainsString($part, $error);
        self::assertFalse(self::form($typed)->isSound());
    }

    /**
     * @param  array<string, string>  $typed
     * @return array{string|null, string|null} error and doubt
     */
    private static function reading(string $name, array $typed): array
    {
        $figure = SawReadings::of($typed + self::READ, self::format())->form->readings[$name];

        return [$figure->error, $figure->doubt];
    }
}
