<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Shelf;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Season\ClimateLog;
use JackRest\Core\Season\RestLog;
use JackRest\Core\Shelf\Figured;
use JackRest\Core\Shelf\Fitness;
use JackRest\Core\Shelf\Knots;
use JackRest\Core\Shelf\Ranking;
use JackRest\Core\Shelf\Reason;
use JackRest\Core\Shelf\RestReading;
use JackRest\Core\Shelf\RestTest;
use JackRest\Core\Shelf\WantedPiece;
use JackRest\Core\Shelf\WoodBlank;
use JackRest\Core\Timber\ClimateDay;
use JackRest\Core\Timber\EquilibriumMoisture;
use JackRest\Core\Timber\Species;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RankingTest extends TestCase
{
    private static function format(): LengthFormatter
    {
        return new LengthFormatter(LengthUnit::Millimetre);
    }

    /** @param  array<string, mixed>  $but  what is not as in a good blank */
    private static function blank(string $name, array $but = []): WoodBlank
    {
        $rested = new RestTest([new RestReading(0, 0, 0, 0), new RestReading(7, 0, 0, 0)], 8);
        $species = Species::named($but['species'] ?? 'black cherry') ?? self::fail('no such wood');

        return new WoodBlank(
            $name,
            $name,
            $species,
            $but['length'] ?? 400,
            $but['width'] ?? 60,
            $but['thickness'] ?? 20,
            $but['ring'] ?? 90,
            array_key_exists('runout', $but) ? $but['runout'] : 1.0,
            $but['figure'] ?? Figured::Straight,
            $but['knots'] ?? Knots::None,
            $but['rest'] ?? $rested,
        );
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

    /**
     * By hand: cherry, quartersawn, C = 0.00126 for each per cent (Wood Handbook). From 8.6 to 16.0 %, as the log has
     * it,
     * 45 mm grow by 45 · 0.00126 · 7.4 = 0.42 mm; at 1° of run-out the edge turns by 0.00126 · 7.4 · sin 1° · cos 1° ·
     * 200 = 0.033 mm.
     */
    public function test_the_year_is_the_shed_s_own(): void
    {
        $judged = Ranking::of([self::blank('cherry')], self::wanted(), self::year(), self::format())->judged[0];
        self::assertTrue($judged->swing->isLogged);
        self::assertEqualsWithDelta(
            [EquilibriumMoisture::pct(20, 45), EquilibriumMoisture::pct(20, 80)],
            [$judged->swing->fromPct, $judged->swing->toPct],
            0.01,
        );
        self::assertEqualsWithDelta(0.42, $judged->widthMm, 0.01);
        self::assertEqualsWithDelta(0.033, $judged->edgeMm, 0.001);
        self::assertSame(Fitness::Good, $judged->fitness);
    }

    /** @return iterable<string, array{array<string, mixed>, Fitness, string}> */
    public static function reasons(): iterable
    {
        yield 'too short' => [
            ['length' => 210],
            Fitness::Unfit,
            'Too short: it has 210 mm, and with what is planed off 220 mm are wanted.',
        ];
        yield 'too narrow' => [
            ['width' => 49],
            Fitness::Unfit,
            'Too narrow: it has 49 mm, and with what is planed off 50 mm are wanted.',
        ];
        yield 'too thin' => [
            ['thickness' => 14],
            Fitness::Unfit,
            'Too thin: it has 14 mm, and with what is planed off 15 mm are wanted.',
        ];
        yield 'knots in the way' => [
            ['knots' => Knots::InTheWay],
            Fitness::Unfit,
            'Knots would lie in the piece: the grain runs round them.',
        ];
        yield 'knots to cut clear of' => [
            ['knots' => Knots::Clear],
            Fitness::Doubtful,
            'Cut it clear of its knots, and of the grain that runs round them.',
        ];
        yield 'wild' => [
            ['figure' => Figured::Wild],
            Fitness::Unfit,
            'Wild figure: every part of it moves its own way.',
        ];
        yield 'slight figure' => [
            ['figure' => Figured::Slight],
            Fitness::Doubtful,
            'Some figure: it may move unevenly.',
        ];
        yield 'flatsawn' => [
            ['ring' => 20],
            Fitness::Doubtful,
            'Rings at 20°: nearer flatsawn, so it moves more in width and cups.',
        ];
        yield 'not measured' => [
            ['runout' => null],
            Fitness::Doubtful,
            'Its run-out was not measured, and is taken as 4°.',
        ];
        yield 'steep' => [
            ['runout' => 8.0],
            Fitness::Doubtful,
            'Grain running out by 8°: it turns with the season, and tears when it is planed.',
        ];
        yield 'not rested' => [
            ['rest' => new RestTest([], 1)],
            Fitness::Doubtful,
            'Not rested yet: prepare it, measure it, leave it a week.',
        ];
        yield 'moved' => [
            ['rest' => new RestTest([new RestReading(0, 0, 0, 0), new RestReading(7, 0.5, 0, 0)], 8)],
            Fitness::Unfit,
            'It moved by 0.50 mm of bow in 7 days: use another piece.',
        ];
    }

    /** @param  array<string, mixed>  $but */
    #[DataProvider('reasons')]
    public function test_each_reason_is_told_and_decides(array $but, Fitness $fitness, string $says): void
    {
        $judged = Ranking::of([self::blank('it', $but)], self::wanted(), self::year(), self::format())
            ->judged[0];
        self::assertSame($fitness, $judged->fitness);
        self::assertSame($says, $judged->reasons[0]->says);
        self::assertSame(
            [$says],
            array_map(
                static fn (Reason $reason): string => $reason->says,
                array_values(
                    array_filter(
                        $judged->reasons,
                        static fn (Reason $reason): bool => $reason->fitness === $fitness,
                    ),
                ),
            ),
        );
    }
}
