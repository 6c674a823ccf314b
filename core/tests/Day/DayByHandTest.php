<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Day;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Day\DayEdge;
use JackRest\Core\Day\Handling;
use JackRest\Core\Day\Round;
use JackRest\Core\Day\SharpeningDay;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Edge\StepKind;
use JackRest\Core\Edge\StepSign;
use PHPUnit\Framework\TestCase;

/** What a day comes to, reckoned by hand: handling, wheel and strop, a stone's own cut. */
final class DayByHandTest extends TestCase
{
    /** By hand: 100 s alone and 15 to take up, each; two settings, one reset of 20 between them. */
    public function test_one_by_one_each_is_taken_up_and_the_guide_reset(): void
    {
        $stones = SampleDay::stones(3);
        $of = static function (string ...$settings) use ($stones): float {
            $edges = [];
            foreach (array_values($settings) as $number => $setting) {
                $edges[] = SampleDay::edge($number, $stones, 1.0, 3, 2.0, $setting);
            }
            assert($edges !== []);

            return SharpeningDay::of($edges, $stones, Handling::withGuide())->oneByOneSeconds;
        };
        self::assertSame([115.0, 230.0, 250.0, 385.0], [
            $of('30'), $of('30', '30'), $of('30', '25'), $of('30', '25', '35'),
        ]);
        self::assertSame([[5.0, 0.0], [15.0, 20.0]], [
            [Handling::freehand()->takeUpSeconds, Handling::freehand()->resetSeconds],
            [Handling::withGuide()->takeUpSeconds, Handling::withGuide()->resetSeconds],
        ]);
    }

    /** The wheel comes before the stones and the strop after; each is fetched once, whoever uses it. */
    public function test_wheel_and_strop_stand_around_the_stones(): void
    {
        $stones = SampleDay::stones(2);
        $step = static fn (string $id, float $change, float $seconds): SharpeningStep => new SharpeningStep(
            new HoningStone($id, $id, GritScale::Micron, '40', 1.0, $change),
            10.0,
            30,
            $seconds,
            StepSign::ofStone(0, 2),
            StepKind::Hone,
            10.0,
        );
        $edges = array_map(static function (int $n) use ($stones, $step): DayEdge {
            $edge = SampleDay::edge($n, $stones, 1.0, 3, 2.0, '30');

            return new DayEdge($edge->id, $edge->name, $edge->job, $edge->path, $edge->setting, 100.0,
                $n === 0 ? [$step('wheel', 30.0, 90.0)] : [], [$step('strop', 4.0, 24.0)]);
        }, [0, 1]);
        $day = SharpeningDay::of($edges, $stones, new Handling(0, 0));
        self::assertSame('wheel', $day->rounds[0]->stone->id);
        self::assertSame('strop', $day->rounds[count($day->rounds) - 1]->stone->id);
        self::assertCount(1, $day->rounds[0]->visits);
        // By hand: 90 s with the fetching of 30 is 60 s of grinding; 4 s for the strop, and 20 s on it, twice.
        self::assertSame(60.0, $day->rounds[0]->visits[0]->step->seconds);
        self::assertSame(90.0, $day->rounds[0]->seconds());
        self::assertSame(44.0, $day->rounds[count($day->rounds) - 1]->seconds());
        self::assertSame([10.0, 30, 10.0], [
            $day->rounds[0]->visits[0]->step->removeUm,
            $day->rounds[0]->visits[0]->step->strokes,
            $day->rounds[0]->visits[0]->step->modelStrokes,
        ]);
        self::assertEqualsWithDelta(
            array_sum(array_map(static fn (Round $round): float => $round->seconds(), $day->rounds)),
            $day->totalSeconds,
            1e-9,
        );
        self::assertTrue($day->isProven());
    }

    /** A stone of twice its usual cut takes half the strokes, and the model's own count stays what it was. */
    public function test_a_stones_own_cut_shortens_its_strokes(): void
    {
        $make = static fn (float $cut): array => [
            's0' => new HoningStone('s0', 'stone', GritScale::Jis, '8000', $cut, 0),
        ];
        $visit = static function (float $cut) use ($make): SharpeningStep {
            $edge = SampleDay::edge(0, $make($cut), 6.0, 30, 2.0, '30');

            return SharpeningDay::of([$edge], $make($cut), new Handling(0, 0))->rounds[0]->visits[0]->step;
        };
        self::assertEqualsWithDelta($visit(1.0)->seconds / 2, $visit(2.0)->seconds, 1.0);
        self::assertEqualsWithDelta($visit(1.0)->modelStrokes, $visit(2.0)->modelStrokes, 1e-9);
        self::assertEqualsWithDelta($visit(1.0)->strokes, $visit(1.0)->modelStrokes, 1.0);
    }
}
