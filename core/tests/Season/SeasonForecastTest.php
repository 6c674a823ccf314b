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
}
