<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Kit;

use JackRest\Core\Kit\Ladder;
use JackRest\Core\Kit\Months;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\PlannedWork;
use JackRest\Core\Kit\Rung;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\School\School;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Ask;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Patterns;
use PHPUnit\Framework\TestCase;

final class LadderTest extends TestCase
{
    private const OWNED = [
        'bench-chisel',
        'marking-knife',
        'clamps',
        'mallet',
        'waterstones',
        'planing-stop',
        'crosscut-handsaw',
        'jack-plane',
    ];

    /**
     * @param  list<PlannedWork>  $works
     * @param  list<string>  $owned
     */
    private static function ladder(array $works, array $owned = self::OWNED, ?Months $months = null): Ladder
    {
        return new Ladder(
            $works,
            array_map(static fn (string $kind): ToolAtHand => new ToolAtHand("own-$kind", $kind, $kind), $owned),
            [],
            new School(),
            months: $months,
            least: 3,
        );
    }

    private static function drill(?string $due = null): PlannedWork
    {
        return new PlannedWork('drill', 'drilled board', [Ask::for('bore', Facts::of(diameter: 6))], 1.0, $due);
    }

    private static function rebate(?string $due = null): PlannedWork
    {
        return new PlannedWork('rebate', 'rebated board', [Ask::for('rebate-along', Facts::of(width: 11))], 1.0, $due);
    }

    public function test_the_cheaper_step_comes_first(): void
    {
        self::assertSame(
            ['hand drill', 'rebate plane'],
            array_map(
                static fn (Offer $offer): string => $offer->name,
                self::ladder([self::rebate(), self::drill()])->inOrder(),
            ),
        );
    }

    public function test_a_work_with_a_date_goes_before_one_without(): void
    {
        $ladder = self::ladder([self::drill(), self::rebate('2027-02-01')]);
        self::assertSame(
            ['rebate plane', 'hand drill'],
            array_map(static fn (Offer $offer): string => $offer->name, $ladder->inOrder()),
        );
        self::assertSame([100.0, 65.0], [$ladder->rungs()[1]->to, $ladder->rungs()[1]->from]);
    }

    public function test_the_earlier_date_first(): void
    {
        $ladder = self::ladder([self::drill('2027-05-01'), self::rebate('2027-02-01')]);
        self::assertSame('rebate plane', $ladder->inOrder()[0]->name);
    }

    /** By hand: 30 a month from November; 35 are there in December, 100 in February. */
    public function test_a_monthly_budget_makes_dates(): void
    {
        $rungs = self::ladder(
            [self::drill(), self::rebate('2027-01-15')],
            months: new Months('2026-11-25', 30.0),
        )->rungs();
        self::assertSame(['2027-01', '2027-02'], array_map(static fn (Rung $rung): ?string => $rung->month, $rungs));
        self::assertFalse($rungs[0]->late);
    }

    public function test_a_date_that_the_money_misses_is_late(): void
    {
        $rungs = self::ladder([self::rebate('2026-12-24')], months: new Months('2026-11-25', 30.0))->rungs();
        self::assertTrue($rungs[0]->late);
    }

    public function test_what_is_made_stands_beside_what_is_bought(): void
    {
        $work = new PlannedWork('w', 'w', [
            Ask::for('level-recess', Facts::of(width: 20)),
            Ask::for('bore', Facts::of(diameter: 6)),
        ]);
        $rungs = self::ladder([$work])->rungs();

        self::assertCount(1, $rungs);
        self::assertSame(
            [['paring-block', true], ['hand-drill', false]],
            array_map(
                static fn (Offer $offer): array => [$offer->kind, $offer->making !== null],
                $rungs[0]->tools,
            ),
        );
        self::assertSame('w', $rungs[0]->reached[0]->work->id);
        self::assertSame(20, $rungs[0]->minutes);
    }

    /** Common practice, no source: sharpening before the first edge. */
    public function test_an_empty_bench_begins_with_sharpening(): void
    {
        $box = Patterns::named('dovetailed-box');
        $ladder = self::ladder([new PlannedWork('box', 'box', $box->tasks([], Hardness::Soft))], []);
        self::assertSame('waterstones', $ladder->inOrder()[0]->kind);
        self::assertSame([], $ladder->locked());
    }

    public function test_what_is_possible_at_once_costs_nothing(): void
    {
        $rungs = self::ladder([new PlannedWork('pare', 'pare', [Ask::for('pare')])])->rungs();
        self::assertSame([[], 0.0, 'pare'], [$rungs[0]->tools, $rungs[0]->cost, $rungs[0]->reached[0]->work->id]);
    }

    /** A work with a part nothing can do stays locked, and nothing is got for its other parts. */
    public function test_a_locked_work_is_named(): void
    {
        $half = new PlannedWork('half', 'half', [
            Ask::for('bore', Facts::of(diameter: 90)),
            Ask::for('bore', Facts::of(diameter: 6)),
        ]);
        $ladder = self::ladder([$half, self::rebate()]);

        self::assertSame([$half], $ladder->locked());
        self::assertSame(
            ['rebate plane'],
            array_map(static fn (Offer $offer): string => $offer->name, $ladder->inOrder()),
        );
    }

    public function test_months_by_hand(): void
    {
        $months = new Months('2026-11-30', 50.0);
        self::assertSame(
            ['2026-11', '2026-11', '2026-12', '2027-01'],
            array_map($months->whenSaved(...), [0.0, 50.0, 50.01, 150.0]),
        );
        self::assertSame(50.0, $months->neededFor(100.0, '2026-12-24'));
        self::assertSame(100.0, $months->neededFor(100.0, '2026-11-01'));
        self::assertNull($months->neededFor(100.0, '2026-10-31'));
    }
}
