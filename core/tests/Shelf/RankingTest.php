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
use JackRest\Core\Shelf\WoodBlank;
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

    /** The limits themselves: 45° is quartered enough, 6° of run-out still good, wood to the very size enough. */
    public function test_the_limits_at_and_beside_their_value(): void
    {
        $why = static function (array $but): array {
            $judged = Ranking::of([SampleBlank::named('one', $but)], self::wanted(), self::year())->judged[0];

            return array_map(static fn (Reason $reason): ReasonKind => $reason->kind, $judged->reasons);
        };
        self::assertContains(ReasonKind::Rings, $why(['ring' => 45.0]));
        self::assertContains(ReasonKind::FlatRings, $why(['ring' => 44.9]));
        self::assertContains(ReasonKind::Runout, $why(['runout' => 6.0]));
        self::assertContains(ReasonKind::SteepRunout, $why(['runout' => 6.1]));
        self::assertContains(ReasonKind::UnknownRunout, $why(['runout' => null]));
        // 200, 45 and 12 mm want 20, 5 and 3 mm more.
        $sizes = ['length' => 220.0, 'width' => 50.0, 'thickness' => 15.0];
        $too = [ReasonKind::TooShort, ReasonKind::TooNarrow, ReasonKind::TooThin];
        self::assertSame([], array_uintersect($why($sizes), $too, static fn ($a, $b): int => $a->name <=> $b->name));
        foreach (array_keys($sizes) as $place => $size) {
            self::assertContains($too[$place], $why([...$sizes, $size => $sizes[$size] - 0.1]));
        }
    }

    public function test_what_is_ruled_out_is_never_the_best(): void
    {
        $ranked = static fn (WoodBlank ...$blanks): Ranking => Ranking::of(
            array_values($blanks),
            self::wanted(),
            self::year(),
        );
        self::assertNull($ranked()->best());
        self::assertNull($ranked(SampleBlank::named('knotty', ['knots' => Knots::InTheWay]))->best());
        $both = $ranked(
            SampleBlank::named('knotty', ['knots' => Knots::InTheWay]),
            SampleBlank::named('wavy', ['figure' => Figured::Slight]),
        );
        self::assertSame('wavy', $both->best()?->blank->name);
    }

    /** Of two that are as fit the one whose edge turns less; of two alike the first by name. */
    public function test_the_order_of_what_is_as_fit(): void
    {
        $ranking = Ranking::of(
            [
                SampleBlank::named('b', ['runout' => 1.0]),
                SampleBlank::named('steeper', ['runout' => 4.0]),
                SampleBlank::named('a', ['runout' => 1.0]),
                SampleBlank::named('flatter rings', ['runout' => 1.0, 'ring' => 60.0]),
            ],
            self::wanted(),
            self::year(),
        );
        $names = array_map(static fn ($judged): string => $judged->blank->name, $ranking->judged);
        self::assertSame(['a', 'b'], array_values(array_intersect($names, ['a', 'b'])));
        self::assertLessThan(array_search('steeper', $names, true), array_search('a', $names, true));
        foreach ($ranking->judged as $judged) {
            self::assertGreaterThan(0.0, $judged->widthMm);
            self::assertGreaterThanOrEqual(0.0, $judged->edgeMm);
        }
    }
}
