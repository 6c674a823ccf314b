<?php

declare(strict_types=1);

namespace Bench;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Day\DayEdge;
use JackRest\Core\Day\Handling;
use JackRest\Core\Day\SharpeningDay;
use JackRest\Core\Edge\Abrasive;
use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\EdgeCondition;
use JackRest\Core\Edge\EdgeStateInput;
use JackRest\Core\Edge\GritPath;
use JackRest\Core\Edge\HoningPlanInput;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Edge\SharpeningPlan;
use JackRest\Core\Edge\SharpeningSchool;
use JackRest\Core\Edge\SharpeningTask;
use JackRest\Core\EdgeHistory\EdgeEntry;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\EdgeHistory\EdgeForecast;
use JackRest\Core\EdgeHistory\Life;
use JackRest\Desk\EdgeHistory\EdgeForecastWords;

/** What is promised of edges: a plan over many stones, a day of many edges, a forecast for a whole shop. */
final class EdgeFigures
{
    private const STONES = 40;

    /** @var list<int> edges of a day */
    private const DAYS = [25, 120, 250];

    private const EDGES = 300;

    /** @return array<string, array{float, float|null}> milliseconds and limit by what was measured */
    public static function measured(): array
    {
        mt_srand(20261125);

        return [
            'sharpening plan over '.self::STONES.' abrasives, with why each other stays in the rack' => [
                self::plan(),
                50.0,
            ],
            ...self::days(),
            'forecasts for '.self::EDGES.' edges of 40 entries each' => [self::forecasts(), 1000.0],
        ];
    }

    /** @return array<string, HoningStone> by id, coarse to fine */
    private static function stones(int $count): array
    {
        $stones = [];
        for ($number = 0; $number < $count; $number++) {
            $um = 60 * (0.5 / 60) ** ($number / max(1, $count - 1));
            $stones["s$number"] = new HoningStone(
                "s$number",
                "stone $number",
                GritScale::Micron,
                (string) round($um, 2),
                0.8 + ($number % 5) / 10,
                10.0 + ($number % 4) * 5,
            );
        }

        return $stones;
    }

    private static function plan(): float
    {
        $task = new SharpeningTask(
            new Blade(50, 2.5, 25, 30, 0.8, 1.0),
            new EdgeStateInput(EdgeCondition::Back, 50, 2.5, 25, 30, 0.8, backLengthMm: 40, outOfFlatUm: 30),
            new SharpeningSchool(),
        );
        $stones = array_values(self::stones(self::STONES));

        return self::ms(
            static fn (): array => (static fn (SharpeningPlan $plan): array => [
                $plan->left(),
                $plan->earlier(),
            ])(SharpeningPlan::for($task, $stones)),
        );
    }

    /** @return array<string, array{float, float}> */
    private static function days(): array
    {
        $figures = [];
        foreach (self::DAYS as $edges) {
            foreach ([6, self::STONES] as $stones) {
                $figures["sharpening day of $edges edges over $stones stones"] = [self::day($stones, $edges), 500.0];
            }
        }

        return $figures;
    }

    private static function day(int $count, int $edges): float
    {
        $stones = self::stones($count);
        $abrasives = array_values(
            array_map(static fn (HoningStone $stone): Abrasive => $stone->asAbrasive(), $stones),
        );
        $day = array_map(
            static fn (int $number): DayEdge => new DayEdge(
                "e$number",
                "edge $number",
                new HoningPlanInput(
                    mt_rand(6, 60),
                    mt_rand(3, 80) / 10,
                    mt_rand(2, 40),
                    [1.0, 2.0, 4.0, 12.0][$number % 4],
                    $abrasives,
                ),
                GritPath::LeastTime,
                (string) (25 + 5 * ($number % 3)),
                200.0,
            ),
            range(0, $edges - 1),
        );

        return self::ms(static fn () => SharpeningDay::of($day, $stones, Handling::withGuide()));
    }

    private static function forecasts(): float
    {
        $stories = array_map(static function (): array {
            $story = [];
            for ($day = 1; $day <= 40; $day++) {
                $at = sprintf(
                    '2026-%02d-%02dT12:00:00Z',
                    (intdiv($day * 8, 28) % 11) + 1,
                    (($day * 8) % 28) + 1,
                );
                $story[] =
                    $day % 5 === 0
                        ? new EdgeEntry(EdgeEntryKind::Honed, $at)
                        : new EdgeEntry(EdgeEntryKind::Used, $at, (float) mt_rand(5, 60));
            }
            usort($story, static fn (EdgeEntry $a, EdgeEntry $b): int => $a->at <=> $b->at);

            return $story;
        }, range(1, self::EDGES));

        return self::ms(
            static fn () => array_map(
                static fn (EdgeForecast $forecast): string => (new EdgeForecastWords($forecast))->sentence(),
                EdgeForecast::all(
                    array_map(static fn (array $story): Life => Life::of($story, '2026-11-25'), $stories),
                ),
            ),
        );
    }

    private static function ms(callable $work): float
    {
        $start = hrtime(true);
        $work();

        return (hrtime(true) - $start) / 1e6;
    }
}
