<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Season;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Core\Season\SeasonForecast;
use JackRest\Core\Season\Silence;
use JackRest\Desk\Season\SeasonForecastWords;
use PHPUnit\Framework\TestCase;

/** What the season says in words: claims, and silence with its reason. */
final class SeasonForecastWordsTest extends TestCase
{
    private const SIDES = ['toward the stock', 'away from it'];

    private static function format(): LengthFormatter
    {
        return new LengthFormatter(LengthUnit::Millimetre);
    }

    private static function words(SeasonForecast $forecast): SeasonForecastWords
    {
        return new SeasonForecastWords($forecast, self::format());
    }

    /**
     * Beech with rings at 30°, C = 0.0037; sin 5° cos 5° = 0.087; twice that over 200 mm: 0.13 mm for each per cent, to
     * either side.
     */
    public function test_a_claim_names_the_reading_it_starts_from_and_by_how_much(): void
    {
        $forecast = SampleSeason::forecast([SampleSeason::tested(150, 0.02)], 20960);
        self::assertTrue($forecast->isClaim());
        self::assertMatchesRegularExpression(
            '/^Probably 0\.\d\d mm out, to which side cannot be told, 0\.\d\d mm past your 0\.10 mm\.$/',
            self::words($forecast)->says(self::SIDES),
        );
        self::assertMatchesRegularExpression(
            '/^From the test of 24 October 2026, 0\.02 mm out: its wood has taken up \d(\.\d)? % since and is at '.
                '1\d(\.\d)? %; its grain lets it move up to 0\.13 mm for each per cent, to either side\.$/',
            self::words($forecast)->why(),
        );
    }

    public function test_its_own_tests_tell_the_side(): void
    {
        $tests = [
            SampleSeason::tested(190, 0.0),
            SampleSeason::tested(215, -0.09),
            SampleSeason::tested(240, -0.13, corrected: true),
            SampleSeason::tested(241, 0.0),
            SampleSeason::tested(5, 0.0),
        ];
        array_unshift($tests, array_pop($tests));
        $forecast = SampleSeason::forecast([...$tests], 20960);
        self::assertStringContainsString('its own tests have it move 0.0', self::words($forecast)->why());
        self::assertSame(
            3,
            $forecast->score->count(),
            'the first test has none before it, and none comes after what was planed and not tested',
        );
        $gone = SeasonForecast::of(
            MoistureResponse::Square,
            SampleSeason::beech(),
            200,
            [SampleSeason::tested(190, 0.0), SampleSeason::tested(203, -0.06)],
            0.1,
            SampleSeason::log()->wood(9),
            20960,
        );
        self::assertStringContainsString(', away from it, ', self::words($gone)->says(self::SIDES));
    }

    /** A fall moves it too: what it did before says nothing of where it stands, only of how its wood moves it. */
    public function test_a_fall_begins_a_new_run(): void
    {
        $tests = [SampleSeason::tested(190, 0.0), SampleSeason::tested(203, -0.06), SampleSeason::tested(240, 0.09)];
        $of = static fn (array $tests, ?float $dropped): SeasonForecast => SeasonForecast::of(
            MoistureResponse::Square,
            SampleSeason::beech(),
            200,
            array_values($tests),
            0.1,
            SampleSeason::log()->wood(9),
            20960,
            $dropped,
        );
        self::assertSame(
            'It fell since its last test: no season tells what that did.',
            self::words($of($tests, 20850.0))->says(self::SIDES),
        );
        $fallen = $of($tests, 20820.0)->predicted;
        self::assertNotNull($fallen);
        self::assertEqualsWithDelta(0.09, $fallen->errorMm, 0.03, 'it starts from the test after the fall');
        self::assertLessThan(-0.01, $fallen->mmPerPct, 'and keeps what its wood taught before');
        // Taken for one run, the fall would be laid to the damp.
        self::assertGreaterThan($fallen->mmPerPct, $of($tests, null)->predicted?->mmPerPct);
    }

    public function test_silence_has_a_reason(): void
    {
        $says = static fn (SeasonForecast $forecast): string => self::words($forecast)->says(self::SIDES);
        self::assertSame('It has never been tested.', $says(SampleSeason::forecast([], 20900)));
        self::assertSame(
            'It was planed and not tested again.',
            $says(SampleSeason::forecast([SampleSeason::tested(10, 0.2, corrected: true)], 20900)),
        );
        self::assertSame(
            'The log does not reach to today.',
            $says(SampleSeason::forecast([SampleSeason::tested(10, 0.0)], 21000)),
        );
        self::assertSame(
            'The log does not tell how moist it was at its last test.',
            $says(SampleSeason::forecast([SampleSeason::tested(-40, 0.0)], 20900)),
        );
        $silent = SeasonForecast::silent(Silence::NoModel);
        self::assertSame('How the damp moves it cannot be worked out.', $says($silent));
        self::assertSame(
            'Probably within your 0.10 mm.',
            $says(SampleSeason::forecast([SampleSeason::tested(10, 0.0)], 20700)),
        );
        self::assertStringContainsString(
            ', as it was then',
            self::words(SampleSeason::forecast([SampleSeason::tested(100, 0.0)], 20790))->why(),
        );
        self::assertSame('', self::words(SeasonForecast::silent(Silence::NoModel))->why());
    }
}
