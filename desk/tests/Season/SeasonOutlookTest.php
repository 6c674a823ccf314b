<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Season;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Season\ReferenceForecast;
use JackRest\Core\Season\RestLog;
use JackRest\Core\Season\SeasonForecast;
use JackRest\Core\Season\Silence;
use JackRest\Core\Timber\Species;
use JackRest\Desk\Season\ReferenceWoodForm;
use JackRest\Desk\Season\SeasonOutlook;
use PHPUnit\Framework\TestCase;

/** What the season says in words: claims, and silence with its reason. */
final class SeasonOutlookTest extends TestCase
{
    private const SIDES = ['toward the stock', 'away from it'];

    private static function format(): LengthFormatter
    {
        return new LengthFormatter(LengthUnit::Millimetre);
    }

    public function test_the_next_stroke_is_the_likeliest_claim(): void
    {
        $sure = new ReferenceForecast(
            'long square',
            self::SIDES,
            SampleSeason::forecast([SampleSeason::tested(150, 0.09)], 20960),
        );
        $likely = new ReferenceForecast(
            'short square',
            self::SIDES,
            SampleSeason::forecast([SampleSeason::tested(150, 0.0)], 20960),
        );
        $silent = new ReferenceForecast(
            'still one',
            self::SIDES,
            SampleSeason::forecast([SampleSeason::tested(150, 0.0)], 20960, SampleSeason::beech(0.2, 90)),
        );
        $says = static fn (ReferenceForecast ...$all): string => (new SeasonOutlook(
            SampleSeason::log(),
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
            'Import a log of your shop’s air, or write down what a hygrometer shows.',
            $next(new RestLog([]), 20960),
        );
        self::assertSame('Bring the log up to today.', $next(SampleSeason::log(), 21000));
        self::assertSame(
            'Hang up your squares and straightedges: the season is watched for them.',
            $next(SampleSeason::log(), 20960),
        );
        $unknown = new ReferenceForecast('square', self::SIDES, SeasonForecast::silent(Silence::WoodUnknown));
        self::assertSame(
            'Nothing can be told of your references yet.',
            (new SeasonOutlook(SampleSeason::log(), '', [$unknown], 20960, self::format()))->next()->says,
        );
        self::assertSame([], (new SeasonOutlook(new RestLog([]), '', [], 20960, self::format()))->lines());
    }

    /** 24 mm follow four times as slowly as 12 mm: 56 days. */
    public function test_the_drawn_thickness_is_the_user_s(): void
    {
        $form = new SeasonOutlook(SampleSeason::log(), '24 mm', [], 20960, self::format());
        self::assertEqualsWithDelta(56.0, $form->piece->timeConstant, 1e-9);
        self::assertStringStartsWith('Wood 24 mm thick is at ', $form->lines()[0]);
        $wrong = new SeasonOutlook(SampleSeason::log(), '3 m', [], 20960, self::format());
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
