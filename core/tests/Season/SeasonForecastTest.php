<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Season;

use JackRest\Core\Season\ClimateLog;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Core\Season\ReferenceWood;
use JackRest\Core\Season\SeasonForecast;
use JackRest\Core\Season\Silence;
use JackRest\Core\Timber\ClimateDay;
use JackRest\Core\Timber\Species;
use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Truing\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SeasonForecastTest extends TestCase
{
    /** The log runs over days 100 to 400. */
    #[TestWith([null, false, null, 390, Silence::NeverTested])]
    #[TestWith([300, true, null, 390, Silence::Corrected])]
    #[TestWith([300, false, 310, 390, Silence::Fell])]
    #[TestWith([300, false, null, 500, Silence::LogEnded])]
    #[TestWith([50, false, null, 390, Silence::LogMissing])]
    #[TestWith([300, false, null, 390, null])]
    public function test_it_says_nothing_of_what_it_cannot_know(
        ?int $testedDay,
        bool $corrected,
        ?int $fellDay,
        int $today,
        ?Silence $silence,
    ): void {
        $log = ClimateLog::of(
            array_map(static fn (int $day): ClimateDay => new ClimateDay($day, 15, 60), range(100, 400)),
        );
        $tests = $testedDay === null ? [] : [new Tested($testedDay, 0.01, 0.02, Verdict::Within, $corrected)];
        $wood = new ReferenceWood(Species::named('American beech') ?? self::fail(), 30, 5, 9);
        $piece = $log->rest->wood(9);
        $of = SeasonForecast::of(MoistureResponse::Square, $wood, 200, $tests, 0.1, $piece, $today, $fellDay);
        self::assertSame($silence, $of->silence);
        self::assertSame($silence === null, $of->predicted !== null);
    }

    /** On the day of a fall a test was made after it: it stands, and begins a run of its own. */
    public function test_a_test_on_the_day_of_a_fall_stands_and_the_one_before_it_is_another_run(): void
    {
        $log = ClimateLog::of(
            array_map(static fn (int $day): ClimateDay => new ClimateDay($day, 15, 40 + $day / 10), range(100, 400)),
        );
        $wood = new ReferenceWood(Species::named('American beech') ?? self::fail(), 30, 5, 9);
        $tests = [
            new Tested(200, 0.30, 0.02, Verdict::Outside),
            new Tested(300, 0.01, 0.02, Verdict::Within),
            new Tested(330, 0.02, 0.02, Verdict::Within),
        ];
        $of = static fn (?float $fell): SeasonForecast => SeasonForecast::of(
            MoistureResponse::Square,
            $wood,
            200,
            $tests,
            0.1,
            $log->rest->wood(9),
            390,
            $fell,
        );
        self::assertSame(Silence::Fell, $of(331.0)->silence);
        self::assertNull($of(330.0)->silence);
        // Fallen between the first two, the 0.3 mm of before say nothing of what it is now.
        $apart = $of(300.0)->predicted;
        $together = $of(null)->predicted;
        self::assertNotNull($apart);
        self::assertNotNull($together);
        self::assertGreaterThan(0.05, abs($together->errorMm - $apart->errorMm));
        self::assertLessThan(0.05, abs($apart->errorMm - 0.015));
        self::assertEquals($apart, $of(250.0)->predicted);
    }
}
