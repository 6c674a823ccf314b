<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Season;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Season\ClimateLog;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Core\Season\ReferenceForecast;
use JackRest\Core\Season\ReferenceWood;
use JackRest\Core\Season\RestLog;
use JackRest\Core\Season\SeasonForecast;
use JackRest\Core\Season\Silence;
use JackRest\Core\Timber\ClimateDay;
use JackRest\Core\Timber\Species;
use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Season\ReferenceWoodForm;
use JackRest\Desk\Season\SeasonOutlook;
use PHPUnit\Framework\TestCase;

/** What the season says in words: claims, and silence with its reason. */
final class SeasonSheetTest extends TestCase
{
    private const SIDES = ['toward the stock', 'away from it'];

    private static function format(): LengthFormatter
    {
        return new LengthFormatter(LengthUnit::Millimetre);
    }

    /** 200 dry days, then 165 damp ones; day 20600 is 27 May 2026. */
    private static function log(): RestLog
    {
        return ClimateLog::of(
            array_map(
                static fn (int $day): ClimateDay => new ClimateDay(20600 + $day, 15, $day < 200 ? 50 : 85),
                range(0, 364),
            ),
        )->rest;
    }

    private static function beech(float $runoutDeg = 5, float $ringDeg = 30): ReferenceWood
    {
        return new ReferenceWood(Species::named('American beech') ?? self::fail(), $ringDeg, $runoutDeg, 9);
    }

    /** @param  list<Tested>  $tests */
    private static function forecast(
        array $tests,
        float $today,
        ?ReferenceWood $wood = null,
        float $tolerance = 0.1,
    ): SeasonForecast {
        return SeasonForecast::of(
            MoistureResponse::Square,
            $wood ?? self::beech(),
            200,
            $tests,
            $tolerance,
            self::log()->wood(9),
            $today,
        );
    }

    private static function tested(int $day, float $error, bool $corrected = false): Tested
    {
        return new Tested(
            20600 + $day,
            $error,
            0.03,
            abs($error) > 0.1 ? Verdict::Outside : Verdict::Within,
            $corrected,
        );
    }

    public function test_the_next_stroke_is_the_likeliest_claim(): void
    {
        $sure = new ReferenceForecast('long square', self::SIDES, self::forecast([self::tested(150, 0.09)], 20960));
        $likely = new ReferenceForecast('short square', self::SIDES, self::forecast([self::tested(150, 0.0)], 20960));
        $silent = new ReferenceForecast(
            'still one',
            self::SIDES,
            self::forecast([self::tested(150, 0.0)], 20960, self::beech(0.2, 90)),
        );
        $says = static fn (ReferenceForecast ...$all): string => (new SeasonOutlook(
            self::log(),
            '',
            array_values($all),
            20960,
            self::format(),
        ))->next()->says;
        self::assertSame('The season has moved nothing past your tolerance.', $says($silent));
        self::assertSame('Test the short square: the season has probably moved it.', $says($silent, $likely));
        self::assertSame(
            'Test the long square first: the season has probably moved 2 of your references.',
            $says($likely, $silent, $sure),
        );
    }

    public function test_without_a_log_or_with_an_old_one_it_asks_for_more(): void
    {
        $next = static fn (RestLog $log, float $today): string => (new SeasonOutlook(
            $log,
            '',
            [],
            $today,
            self::format(),
        ))->next()->says;
        self::assertSame(
            'Take in a log of your shop’s air, or write down what a hygrometer shows.',
            $next(new RestLog([]), 20960),
        );
        self::assertSame('Bring the log up to today.', $next(self::log(), 21000));
        self::assertSame(
            'Hang up your squares and straightedges: the season is watched for them.',
            $next(self::log(), 20960),
        );
        $unknown = new ReferenceForecast(
            'square',
            self::SIDES,
            SeasonForecast::silent(Silence::WoodUnknown),
        );
        self::assertSame(
            'Nothing can be told of your references yet.',
            (new SeasonOutlook(self::log(), '', [$unknown], 20960, self::format()))->next()->says,
        );
        self::assertSame([], (new SeasonOutlook(new RestLog([]), '', [], 20960, self::format()))->lines());
    }

    /** 24 mm follow four times as slowly as 12 mm: 56 days. */
    public function test_the_drawn_thickness_is_the_user_s(): void
    {
        $sheet = new SeasonOutlook(self::log(), '24 mm', [], 20960, self::format());
        self::assertEqualsWithDelta(56.0, $sheet->piece->timeConstant, 1e-9);
        self::assertStringStartsWith('Wood 24 mm thick is at ', $sheet->lines()[0]);
        $wrong = new SeasonOutlook(self::log(), '3 m', [], 20960, self::format());
        self::assertSame('Between 1 mm and 200 mm.', $wrong->thickness->error);
        self::assertSame(12.0, $wrong->thicknessMm());
    }

    public function test_wood_that_nobody_looked_at_closely_is_taken_as_usual(): void
    {
        $species = Species::named('teak') ?? self::fail();
        $wood = ReferenceWoodForm::of($species, ['thickness' => '9'], self::format())->wood;
        self::assertNotNull($wood);
        self::assertSame([90.0, 2.0, 9.0], [$wood->ringDeg, $wood->runoutDeg, $wood->thicknessMm]);
        self::assertNull(ReferenceWoodForm::of($species, ['ring' => '45'], self::format())->wood);
        self::assertNull(ReferenceWoodForm::of($species, ['ring' => '91', 'thickness' => '9'], self::format())->wood);
    }
}
