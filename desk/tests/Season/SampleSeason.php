<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Season;

use JackRest\Core\Season\ClimateLog;
use JackRest\Core\Season\MoistureResponse;
use JackRest\Core\Season\ReferenceWood;
use JackRest\Core\Season\RestLog;
use JackRest\Core\Season\SeasonForecast;
use JackRest\Core\Timber\ClimateDay;
use JackRest\Core\Timber\Species;
use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Truing\Verdict;
use LogicException;

/** A year of air and a beech square in it. */
final class SampleSeason
{
    /** 200 dry days, then 165 damp ones; day 20600 is 27 May 2026. */
    public static function log(): RestLog
    {
        return ClimateLog::of(
            array_map(
                static fn (int $day): ClimateDay => new ClimateDay(20600 + $day, 15, $day < 200 ? 50 : 85),
                range(0, 364),
            ),
        )->rest;
    }

    public static function beech(float $runoutDeg = 5, float $ringDeg = 30): ReferenceWood
    {
        return new ReferenceWood(
            Species::named('American beech') ?? throw new LogicException('no such wood'),
            $ringDeg,
            $runoutDeg,
            9,
        );
    }

    /** @param  list<Tested>  $tests */
    public static function forecast(
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

    public static function tested(int $day, float $error, bool $corrected = false): Tested
    {
        return new Tested(
            20600 + $day,
            $error,
            0.03,
            abs($error) > 0.1 ? Verdict::Outside : Verdict::Within,
            $corrected,
        );
    }
}
