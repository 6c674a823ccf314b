<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Edge;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\ComparedSchool;
use JackRest\Core\Edge\EdgeCondition;
use JackRest\Core\Edge\EdgeDuty;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Edge\EdgeStateInput;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Edge\Shaping;
use JackRest\Core\Edge\SharpeningPlan;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Edge\SharpeningTask;
use JackRest\Core\Edge\StepSign;
use JackRest\Core\Edge\StopEarly;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Edge\SharpeningWords;
use JackRest\Desk\Edge\StepWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SharpeningWordsTest extends TestCase
{
    private static function plan(EdgeStateInput $edge, float $finishUm = 2): SharpeningPlan
    {
        return SharpeningPlan::for(new SharpeningTask(new Blade(25, 3, 25, 30, 0.5, $finishUm), $edge), [
            new HoningStone('1', '1000 stone', GritScale::Jis, '1000', 1, 20),
            new HoningStone('2', '4000 stone', GritScale::Jis, '4000', 1, 20),
            new HoningStone('3', '8000 stone', GritScale::Jis, '8000', 1, 20),
        ]);
    }

    #[TestWith([EdgeNeed::Back, 'Flatten the back of the chisel'])]
    #[TestWith([EdgeNeed::Nicked, 'Get the nick out of the chisel'])]
    #[TestWith([EdgeNeed::Bevel, 'Regrind the chisel'])]
    #[TestWith([EdgeNeed::Dull, 'Hone the chisel'])]
    #[TestWith([null, 'Hone the chisel'])]
    public function test_a_list_calls_the_job_by_what_is_done(?EdgeNeed $need, string $says): void
    {
        self::assertSame($says, SharpeningWords::job($need, 'chisel'));
    }

    /** A rack that ends too early is no dead end: it goes as far as it can, and says how far that is. */
    public function test_a_rack_that_is_not_fine_enough_says_how_far_it_goes(): void
    {
        $dull = new EdgeStateInput(EdgeCondition::Dull, 25, 3, 25, 30, 0.5);
        $short = self::plan($dull, 0.8);
        self::assertSame(0.8, $short->shortOfUm);
        self::assertSame('8000 stone', $short->last()->name);
        self::assertSame(
            'It goes as fine as your 8000 stone (1.2 µm): good enough for the last surface. A stone of 0.8 µm would '.
                'finish it.',
            self::words($short)->warning(),
        );
        self::assertNull(self::plan($dull)->shortOfUm);
        self::assertNull(self::words(self::plan($dull))->warning());
        $coarse = SharpeningPlan::for(
            new SharpeningTask(new Blade(25, 3, 25, 30, 0.5, 2), $dull),
            [new HoningStone('1', '1000 stone', GritScale::Jis, '1000', 1, 20)],
        );
        self::assertSame(
            'It goes as fine as your 1000 stone (11.5 µm): good enough for rough work. A stone of 2 µm would make it '.
                'good enough for fitting joints.',
            self::words($coarse)->warning(),
        );
    }

    public function test_what_a_school_asks_for_is_compared_strictly(): void
    {
        $task = new SharpeningTask(
            new Blade(25, 3, 25, 30, 0.5, 2),
            new EdgeStateInput(EdgeCondition::Dull, 25, 3, 25, 30, 0.5),
        );
        $rack = [new HoningStone('1', '1000 stone', GritScale::Jis, '1000', 1, 20)];
        foreach (ComparedSchool::all($task, $rack) as $compared) {
            self::assertTrue(($compared->plan === null) === ($compared->lacks !== null));
            self::assertNull($compared->plan?->shortOfUm);
        }
    }

    /** A nick on fine stones alone: how long it takes anyway, and what would shorten it. */
    public function test_what_would_shorten_slow_work_is_told(): void
    {
        $nick = new EdgeStateInput(EdgeCondition::Nicked, 25, 3, 25, 30, 0.5, 0.3);
        $task = new SharpeningTask(new Blade(25, 3, 25, 30, 0.5, 2), $nick);
        $fine = [new HoningStone('3', '8000 stone', GritScale::Jis, '8000', 1, 20)];
        $says = (string) (new SharpeningWords(
            SharpeningPlan::for($task, $fine),
            EdgeNeed::Nicked,
            new LengthFormatter(LengthUnit::Millimetre),
        ))->warning();
        self::assertMatchesRegularExpression(
            '/with one of 53 µm before it, it would take (about .+ minutes?|under a minute) instead of \d+\./',
            $says,
        );
        $coarse = [new HoningStone('1', '220 stone', GritScale::Jis, '220', 1, 20), ...$fine];
        self::assertNull(SharpeningPlan::for($task, $coarse)->secondsWith(53.0));
    }

    public function test_why_a_stone_stays_in_the_rack(): void
    {
        $left = self::words(self::plan(new EdgeStateInput(EdgeCondition::TouchUp, 25, 3, 25, 30, 0.5), 4))->left();

        self::assertNotSame([], $left);
        foreach ($left as $why) {
            self::assertMatchesRegularExpression('/^The \w+ stone stays in the rack: .+ \(\+ \d+ s\)\.$/', $why);
        }
    }

    public function test_the_last_stone_leaves_no_scratch_of_the_one_before(): void
    {
        $steps = self::plan(new EdgeStateInput(EdgeCondition::Dull, 25, 3, 25, 30, 0.5))->steps;

        self::assertStringContainsString('burr along the whole edge', StepWords::see($steps[0]));
        self::assertStringContainsString(
            'No scratch of the last stone left',
            StepWords::see($steps[count($steps) - 1]),
        );
    }

    public function test_the_caution_defers_to_local_rules(): void
    {
        self::assertStringContainsString('Local rules and trained teaching come first', SharpeningWords::CAUTION);
        self::assertStringContainsString('off the edge', SharpeningWords::CAUTION);
    }

    public function test_stopping_sooner_is_told_with_what_it_saves(): void
    {
        self::assertSame(
            'Stop after the 1000 stone: good enough for chopping, saves 2 min.',
            SharpeningWords::stop(new StopEarly(20, '1000 stone', 130, EdgeDuty::Chop)),
        );
    }

    public function test_a_wide_secondary_bevel_is_warned_of(): void
    {
        $wide = self::plan(new EdgeStateInput(EdgeCondition::Dull, 25, 3.0, 25, 30, 2.5));
        $usual = self::plan(new EdgeStateInput(EdgeCondition::Dull, 25, 3.0, 25, 30, 0.5));

        self::assertStringContainsString('Past 2 mm', (string) self::words($wide)->warning());
        self::assertNull(self::words($usual)->warning());
    }

    #[TestWith([30.0, 'Steeper, to 30°, the whole bevel on the stone. A wheel would be quicker.'])]
    #[TestWith([22.0, 'Flatter, to 22°, the whole bevel on the stone. A wheel would be quicker.'])]
    public function test_what_is_ground_is_told(float $newDeg, string $says): void
    {
        $shaping = Shaping::bevel(new Blade(25, 3, 25, 30, 0.5, 2), $newDeg);
        $stone = new HoningStone('1', '1000 stone', GritScale::Jis, '1000', 1, 20);
        $step = new SharpeningStep($stone, 0.0, 10, 10.0, StepSign::GroundOnStone, shaping: $shaping);

        self::assertSame($says, StepWords::see($step));
    }

    public function test_a_school_that_lacks_a_stone_says_so(): void
    {
        $task = new SharpeningTask(
            new Blade(25, 3, 25, 30, 0.5, 2),
            new EdgeStateInput(EdgeCondition::Dull, 25, 3, 25, 30, 0.5),
        );
        $rack = [new HoningStone('1', '8000 stone', GritScale::Jis, '8000', 1, 20)];
        $says = [];
        foreach (ComparedSchool::all($task, $rack) as $one) {
            $says[$one->school->name] = SharpeningWords::school($one);
        }

        self::assertSame('There is no oilstone in the rack.', $says['Oilstone and strop']);
        self::assertSame('There is no abrasive paper or lapping film in the rack.', $says['Paper on glass']);
        self::assertMatchesRegularExpression('/^\d+ on the 8000 stone\.$/', $says['The least time']);
    }

    private static function words(SharpeningPlan $plan): SharpeningWords
    {
        return new SharpeningWords($plan, EdgeNeed::Dull, new LengthFormatter(LengthUnit::Millimetre));
    }
}
