<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Shelf;

use JackRest\Core\Season\ClimateLog;
use JackRest\Core\Season\RestLog;
use JackRest\Core\Shelf\Figured;
use JackRest\Core\Shelf\Fitness;
use JackRest\Core\Shelf\Knots;
use JackRest\Core\Shelf\Ranking;
use JackRest\Core\Shelf\Reason;
use JackRest\Core\Shelf\ReasonKind;
use JackRest\Core\Shelf\RestReading;
use JackRest\Core\Shelf\RestTest;
use JackRest\Core\Shelf\WantedPiece;
use JackRest\Core\Timber\ClimateDay;
use JackRest\Core\Timber\EquilibriumMoisture;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RankingTest extends TestCase
{
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
        $judged = Ranking::of([SampleBlank::named('cherry')], self::wanted(), self::year())->judged[0];
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

    /** @return iterable<string, array{array<string, mixed>, Fitness, ReasonKind}> */
    public static function reasons(): iterable
    {
        yield 'too short' => [
            ['length' => 210],
            Fitness::Unfit,
            ReasonKind::TooShort,
        ];
        yield 'too narrow' => [
            ['width' => 49],
            Fitness::Unfit,
            ReasonKind::TooNarrow,
        ];
        yield 'too thin' => [
            ['thickness' => 14],
            Fitness::Unfit,
            ReasonKind::TooThin,
        ];
        yield 'knots in the way' => [
            ['knots' => Knots::InTheWay],
            Fitness::Unfit,
            ReasonKind::KnotsInTheWay,
        ];
        yield 'knots to cut clear of' => [
            ['knots' => Knots::Clear],
            Fitness::Doubtful,
            ReasonKind::KnotsClear,
        ];
        yield 'wild' => [
            ['figure' => Figured::Wild],
            Fitness::Unfit,
            ReasonKind::WildFigure,
        ];
        yield 'slight figure' => [
            ['figure' => Figured::Slight],
            Fitness::Doubtful,
            ReasonKind::SlightFigure,
        ];
        yield 'flatsawn' => [
            ['ring' => 20],
            Fitness::Doubtful,
            ReasonKind::FlatRings,
        ];
        yield 'not measured' => [
            ['runout' => null],
            Fitness::Doubtful,
            ReasonKind::UnknownRunout,
        ];
        yield 'steep' => [
            ['runout' => 8.0],
            Fitness::Doubtful,
            ReasonKind::SteepRunout,
        ];
        yield 'not rested' => [
            ['rest' => new RestTest([], 1)],
            Fitness::Doubtful,
            ReasonKind::Rest,
        ];
        yield 'moved' => [
            ['rest' => new RestTest([new RestReading(0, 0, 0, 0), new RestReading(7, 0.5, 0, 0)], 8)],
            Fitness::Unfit,
            ReasonKind::Rest,
        ];
    }

    /** @param  array<string, mixed>  $but */
    #[DataProvider('reasons')]
    public function test_each_reason_is_told_and_decides(array $but, Fitness $fitness, ReasonKind $kind): void
    {
        $judged = Ranking::of([SampleBlank::named('it', $but)], self::wanted(), self::year())
            ->judged[0];
        self::assertSame($fitness, $judged->fitness);
        self::assertSame($kind, $judged->reasons[0]->kind);
        self::assertSame(
            [$kind],
            array_map(
                static fn (Reason $reason): ReasonKind => $reason->kind,
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
