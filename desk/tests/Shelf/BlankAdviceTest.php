<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Shelf;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Season\ClimateLog;
use JackRest\Core\Season\RestLog;
use JackRest\Core\Shelf\Figured;
use JackRest\Core\Shelf\Judged;
use JackRest\Core\Shelf\Ranking;
use JackRest\Core\Shelf\RestReading;
use JackRest\Core\Shelf\RestTest;
use JackRest\Core\Shelf\WantedPiece;
use JackRest\Core\Shelf\WoodBlank;
use JackRest\Core\Tests\Season\ClimateLogTest;
use JackRest\Core\Tests\Shelf\SampleBlank;
use JackRest\Core\Timber\ClimateDay;
use JackRest\Desk\Shelf\BlankAdvice;
use PHPUnit\Framework\TestCase;

/** Which of the ranked blanks to take, in words. */
final class BlankAdviceTest extends TestCase
{
    private static function format(): LengthFormatter
    {
        return new LengthFormatter(LengthUnit::Millimetre);
    }

    private static function wanted(): WantedPiece
    {
        return new WantedPiece(200, 45, 12);
    }

    /** A log of a dry half year and a damp one, 20 °C. */
    private static function year(): RestLog
    {
        return ClimateLog::of(
            array_map(
                static fn (int $day): ClimateDay => new ClimateDay($day, 20, $day < 180 ? 45 : 80),
                range(0, 360),
            ),
        )->rest;
    }

    public function test_without_most_of_a_year_it_says_that_it_takes_a_usual_one(): void
    {
        $ranking = Ranking::of(
            [SampleBlank::named('cherry')],
            self::wanted(),
            ClimateLog::of(ClimateLogTest::hours(50, 60, 70))->rest,
        );
        self::assertFalse($ranking->judged[0]->swing->isLogged);
        self::assertStringEndsWith(
            'Based on a usual year; a log of your own air would be surer.',
            (new BlankAdvice($ranking, self::format()))->next()->why,
        );
    }

    public function test_the_stillest_comes_first_and_what_is_ruled_out_last(): void
    {
        $blanks = [
            SampleBlank::named('wild', ['figure' => Figured::Wild, 'runout' => 0.0]),
            SampleBlank::named('run out', ['runout' => 4.0]),
            SampleBlank::named('flatsawn', ['ring' => 10, 'runout' => 0.5]),
            SampleBlank::named('mahogany', ['species' => 'mahogany']),
            SampleBlank::named('cherry'),
            SampleBlank::named('unrested', ['rest' => new RestTest([], 8), 'runout' => 0.0]),
        ];
        $ranking = Ranking::of($blanks, self::wanted(), self::year());
        self::assertSame(
            ['mahogany', 'cherry', 'run out', 'unrested', 'flatsawn', 'wild'],
            array_map(static fn (Judged $one): string => $one->blank->name, $ranking->judged),
        );
        self::assertSame('mahogany', $ranking->best()?->blank->name);
        self::assertSame('Take the mahogany.', (new BlankAdvice($ranking, self::format()))->next()->says);
    }

    public function test_what_to_do_with_the_best(): void
    {
        /** @param  list<WoodBlank>  $blanks */
        $says = static fn (array $blanks): string => (new BlankAdvice(
            Ranking::of(array_values($blanks), self::wanted(), self::year()),
            self::format(),
        ))->next()->says;
        self::assertSame('Write down the blanks on your shelf.', $says([]));
        self::assertSame('None of these is for that piece.', $says([SampleBlank::named('short', ['length' => 100])]));
        self::assertSame(
            'Take the oak: prepare it, measure it, and leave it a week.',
            $says([SampleBlank::named('oak', ['rest' => new RestTest([], 1)])]),
        );
        self::assertSame(
            'Wait for the oak: it is resting.',
            $says([SampleBlank::named('oak', ['rest' => new RestTest([new RestReading(0, 0, 0, 0)], 1)])]),
        );
        self::assertSame(
            'Measure the oak again: its week is over.',
            $says([SampleBlank::named('oak', ['rest' => new RestTest([new RestReading(0, 0, 0, 0)], 9)])]),
        );
    }
}
