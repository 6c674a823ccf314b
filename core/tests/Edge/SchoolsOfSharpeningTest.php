<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Edge;

use JackRest\Core\Abrasive\Flatness;
use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Edge\Abrasive;
use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\ComparedSchool;
use JackRest\Core\Edge\EdgeCondition;
use JackRest\Core\Edge\EdgeDuty;
use JackRest\Core\Edge\EdgeStateInput;
use JackRest\Core\Edge\GritPath;
use JackRest\Core\Edge\HoningPaths;
use JackRest\Core\Edge\HoningPlanInput;
use JackRest\Core\Edge\HoningStep;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Edge\Shaping;
use JackRest\Core\Edge\ShapingKind;
use JackRest\Core\Edge\SharpeningPlan;
use JackRest\Core\Edge\SharpeningSchool;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Edge\SharpeningTask;
use JackRest\Core\Edge\StepKind;
use JackRest\Core\School\School;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What each school makes of one edge and one rack, and what shaping takes before any honing. */
final class SchoolsOfSharpeningTest extends TestCase
{
    /** @return list<HoningStone> */
    private static function rack(): array
    {
        return [
            new HoningStone('c', '220 stone', GritScale::Jis, '220', 1, 20),
            new HoningStone('m', '1000 stone', GritScale::Jis, '1000', 1, 20),
            new HoningStone('f', '4000 stone', GritScale::Jis, '4000', 1, 20),
            new HoningStone('x', '8000 stone', GritScale::Jis, '8000', 1, 20),
            new HoningStone('strop', 'strop', GritScale::Micron, '0.5', 1, 10, Medium::Strop),
        ];
    }

    private static function blade(EdgeDuty $duty = EdgeDuty::General): Blade
    {
        return new Blade(25, 3.0, 25, 30, 0.6, 2.0, duty: $duty);
    }

    private static function task(
        SharpeningSchool $school = new SharpeningSchool(),
        EdgeCondition $condition = EdgeCondition::Dull,
        ?Shaping $shaping = null,
        ?float $stop = null,
        EdgeDuty $duty = EdgeDuty::General,
    ): SharpeningTask {
        return new SharpeningTask(
            self::blade($duty),
            new EdgeStateInput($condition, 25, 3.0, 25, 30, 0.6),
            $school,
            $shaping,
            $stop,
        );
    }

    /** @return list<string> */
    private static function names(SharpeningPlan $plan): array
    {
        return array_map(static fn (SharpeningStep $step): string => $step->stone->id, $plan->steps);
    }

    /** The free way is the quickest of all sequences that end fine enough, tried one by one. */
    public function test_the_least_time_is_the_least_of_every_sequence(): void
    {
        $stones = array_slice(self::rack(), 0, 4);
        $job = new HoningPlanInput(
            25,
            0.9,
            15,
            2,
            array_map(static fn (HoningStone $stone): Abrasive => $stone->asAbrasive(), $stones),
        );
        $least = INF;
        for ($set = 1; $set < 16; $set++) {
            $chosen = array_values(
                array_filter(
                    $job->abrasives,
                    static fn (Abrasive $abrasive, int $index): bool => (bool) (($set >> $index) & 1),
                    ARRAY_FILTER_USE_BOTH,
                ),
            );
            if ($chosen[count($chosen) - 1]->particleUm > 2) {
                continue;
            }
            $path = GritPath::FullLadder->over(new HoningPlanInput(25, 0.9, 15, 2, $chosen));
            $least = min($least, $path->totalSeconds ?? INF);
        }
        self::assertEqualsWithDelta($least, GritPath::LeastTime->over($job)?->totalSeconds, 1e-9);
    }

    public function test_each_school_goes_its_own_way(): void
    {
        $ids = static fn (GritPath $path): array => array_map(
            static fn (HoningStep $step): string => $step->id,
            $path->over(
                new HoningPlanInput(
                    25,
                    3,
                    60,
                    2,
                    array_map(
                        static fn (HoningStone $stone): Abrasive => $stone->asAbrasive(),
                        array_slice(self::rack(), 0, 4),
                    ),
                ),
            )->path ?? [],
        );
        self::assertCount(2, $ids(GritPath::TwoStones));
        self::assertSame(['c', 'm', 'f', 'x'], $ids(GritPath::FullLadder));
        self::assertTrue(GritPath::StopEarly->isFree());
        self::assertFalse(GritPath::TwoStones->isFree());
    }

    /** Left early the search gives what the whole of it gives, on racks of every size. */
    public function test_the_short_search_finds_what_the_long_one_finds(): void
    {
        mt_srand(9);
        for ($rack = 0; $rack < 60; $rack++) {
            $stones = array_map(
                static fn (int $number): Abrasive => new Abrasive(
                    "s$number",
                    mt_rand(5, 600) / 10,
                    mt_rand(5, 20) / 10,
                    mt_rand(0, 40),
                ),
                range(0, mt_rand(1, 12)),
            );
            $stones[] = new Abrasive('fine', 0.5, 1.0, 10.0);
            $paths = HoningPaths::of(
                new HoningPlanInput(mt_rand(5, 60), mt_rand(3, 400) / 10, mt_rand(1, 60), mt_rand(5, 40) / 10, $stones),
            );
            $all = $paths->bestByLength();
            self::assertEquals($all[0], $paths->quickest());
            foreach ($all as $path) {
                self::assertEquals($path, $paths->ofLength(count($path->path)));
            }
            self::assertNull($paths->ofLength(20));
        }
    }

    public function test_two_stones_of_one_are_no_way(): void
    {
        $job = new HoningPlanInput(25, 3, 60, 2, [self::rack()[3]->asAbrasive()]);
        self::assertNull(GritPath::TwoStones->over($job));
        self::assertCount(
            1,
            GritPath::FullLadder->over($job)->path ?? [],
            'one stone is a ladder where there is no other',
        );
    }

    public function test_schools_stand_side_by_side_and_say_what_they_lack(): void
    {
        $compared = ComparedSchool::all(self::task(), self::rack());
        $by = array_column(
            array_map(static fn (ComparedSchool $one): array => [$one->school->name, $one], $compared),
            1,
            0,
        );
        self::assertSame('There is no oilstone in the rack.', $by['Oilstone and strop']->lacks);
        self::assertSame('There is no abrasive paper or lapping film in the rack.', $by['Paper on glass']->lacks);
        $least = $by['The least time']->plan?->totalSeconds;
        foreach (['Two stones, a big jump', 'Every stone in turn'] as $name) {
            self::assertGreaterThanOrEqual($least, $by[$name]->plan?->totalSeconds, $name);
        }
        self::assertLessThanOrEqual($least, $by['Stop early where power is high']->plan?->totalSeconds);
    }

    public function test_a_school_that_strops_ends_on_the_strop(): void
    {
        $plan = SharpeningPlan::for(self::task(new SharpeningSchool(strops: true)), self::rack());
        $last = $plan->steps[count($plan->steps) - 1];
        self::assertSame(['strop', StepKind::Strop, 20], [$last->stone->id, $last->kind, $last->strokes]);
        self::assertNotContains('strop', self::names(SharpeningPlan::for(self::task(), self::rack())));
    }

    public function test_flattening_each_time_is_paid_on_each_stone(): void
    {
        $every = SharpeningPlan::for(self::task(), self::rack())->totalSeconds;
        $each = SharpeningPlan::for(self::task(new SharpeningSchool(flatness: Flatness::EachTime)), self::rack())
            ->totalSeconds;
        self::assertEqualsWithDelta(
            10.0 * count(SharpeningPlan::for(self::task(), self::rack())->steps),
            $each - $every,
            1e-9,
        );
    }

    /** A mallet does not feel the last stone: early stoppers end coarser on it, not on a smoother. */
    public function test_stopping_early_depends_on_the_work(): void
    {
        $early = new SharpeningSchool(path: GritPath::StopEarly);
        self::assertSame(6.0, $early->finishUm(2.0, EdgeDuty::Chop));
        self::assertSame(2.0, $early->finishUm(2.0, EdgeDuty::Smooth));
        self::assertSame(12.0, (new SharpeningSchool(media: [Medium::Oilstone]))->finishUm(2.0, EdgeDuty::Pare));
    }

    public function test_good_enough_saves_what_it_says(): void
    {
        $plan = SharpeningPlan::for(self::task(), self::rack());
        self::assertNotSame([], $plan->earlier());
        foreach ($plan->earlier() as $stop) {
            $sooner = SharpeningPlan::for(self::task(stop: $stop->finishUm), self::rack());
            self::assertEqualsWithDelta($stop->savesSeconds, $plan->totalSeconds - $sooner->totalSeconds, 1e-6);
            self::assertSame($stop->stone, $sooner->steps[count($sooner->steps) - 1]->stone->name);
        }
    }

    /** By hand: 0.5 mm of nick over 3 · 25 mm is 37.5 mm³, at 1.5 mm³/s on the wheel 25 s. */
    public function test_grinding_out_a_nick(): void
    {
        $nick = Shaping::nick(self::blade(), 0.5);
        self::assertEqualsWithDelta(
            [37.5, 0.5, 25.0],
            [$nick->volumeMm3, $nick->recessionMm, $nick->secondsOnWheel()],
            1e-9,
        );
    }

    /** By hand: cot 25° − cot 30° = 0.41246; ½ · 3² · 25 of it is 46.40 mm³, and the edge goes back 1.237 mm. */
    public function test_changing_an_angle_takes_the_same_wedge_either_way(): void
    {
        $steeper = Shaping::bevel(self::blade(), 30);
        self::assertEqualsWithDelta([46.402, 1.2374], [$steeper->volumeMm3, $steeper->recessionMm], 1e-3);
        $flatter = Shaping::bevel(self::blade()->ground(3.0, 30, 30), 25);
        self::assertEqualsWithDelta([46.402, 0.0], [$flatter->volumeMm3, $flatter->recessionMm], 1e-3);
        self::assertSame(
            [ShapingKind::Steeper, 30.0, ShapingKind::Flatter, 25.0],
            [$steeper->kind, $steeper->to, $flatter->kind, $flatter->to],
        );
    }

    /** A curve of 0.3 mm: a third of it over 3 · 25 mm is 7.5 mm³; Simpson's rule over the true arc agrees to 1 %. */
    public function test_a_curve_takes_a_third_of_its_sag(): void
    {
        $curve = Shaping::curve(self::blade(), 0.3);
        self::assertEqualsWithDelta(7.5, $curve->volumeMm3, 1e-9);
        $radius = (12.5 ** 2 + 0.3 ** 2) / 0.6;
        $sag = static fn (float $x): float => $radius - sqrt($radius ** 2 - $x ** 2);
        $area = 0.0;
        for ($step = 0; $step < 100; $step++) {
            [$a, $b] = [-12.5 + 0.25 * $step, -12.25 + 0.25 * $step];
            $area += (($b - $a) / 6) * ($sag($a) + 4 * $sag(($a + $b) / 2) + $sag($b));
        }
        self::assertEqualsWithDelta($area * 3.0, $curve->volumeMm3, 0.01 * $curve->volumeMm3);
    }

    public function test_an_angle_it_has_already_is_refused(): void
    {
        $this->expectException(InvalidInput::class);
        Shaping::bevel(self::blade(), 25.0);
    }

    public function test_shaping_goes_to_the_wheel_where_there_is_one_and_comes_first(): void
    {
        $wheel = new HoningStone('w', 'grinding wheel', GritScale::FepaF, '80', 1, 120, Medium::Wheel);
        $shaping = Shaping::bevel(self::blade(), 30);
        $plan = SharpeningPlan::for(self::task(condition: EdgeCondition::FreshGrind, shaping: $shaping), [
            ...self::rack(),
            $wheel,
        ]);
        self::assertSame(
            ['w', StepKind::Grind, 0],
            [$plan->steps[0]->stone->id, $plan->steps[0]->kind, $plan->steps[0]->strokes],
        );
        self::assertEqualsWithDelta($shaping->secondsOnWheel() + 120, $plan->steps[0]->seconds, 1e-9);
        self::assertEqualsWithDelta($plan->state->recessionMm + $shaping->recessionMm, $plan->recessionMm, 1e-12);

        $without = SharpeningPlan::for(
            self::task(condition: EdgeCondition::FreshGrind, shaping: $shaping),
            self::rack(),
        );
        self::assertSame(['c', StepKind::Grind], [$without->steps[0]->stone->id, $without->steps[0]->kind]);
        self::assertGreaterThan(100, $without->steps[0]->strokes, 'a bevel is long work on a stone');
    }

    #[TestWith(['strop', true])]
    #[TestWith(['stone', false])]
    public function test_the_users_school_is_followed(string $upkeep, bool $strops): void
    {
        $school = SharpeningSchool::of(
            new School(['upkeep' => $upkeep, 'grit-path' => 'two-stones', 'iron-backs' => 'thin-rule']),
        );
        self::assertSame([GritPath::TwoStones, $strops, true], [$school->path, $school->strops, $school->thinRule]);
    }

    public function test_an_empty_rack_is_said(): void
    {
        try {
            SharpeningPlan::for(self::task(), []);
            self::fail('It planned over nothing.');
        } catch (InvalidInput $wrong) {
            self::assertSame('there is no stone in your rack yet', $wrong->errors[0]->message);
        }
    }

    public function test_a_wide_secondary_bevel_is_known(): void
    {
        $task = new SharpeningTask(self::blade(), new EdgeStateInput(EdgeCondition::Dull, 25, 3.0, 25, 30, 2.5));
        self::assertTrue(SharpeningPlan::for($task, self::rack())->isWide());
        self::assertFalse(SharpeningPlan::for(self::task(), self::rack())->isWide());
    }
}
