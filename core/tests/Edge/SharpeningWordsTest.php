<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Edge;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\EdgeCondition;
use JackRest\Core\Edge\EdgeStateInput;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Edge\SharpeningPlan;
use JackRest\Core\Edge\SharpeningTask;
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

    public function test_why_a_stone_stays_in_the_rack(): void
    {
        $skipped = self::plan(new EdgeStateInput(EdgeCondition::TouchUp, 25, 3, 25, 30, 0.5), 4)->skipped();

        self::assertNotSame([], $skipped);
        foreach ($skipped as $why) {
            self::assertMatchesRegularExpression('/^The \w+ stone stays in the rack: .+ \(\+ \d+ s\)\.$/', $why);
        }
    }

    public function test_the_last_stone_leaves_no_scratch_of_the_one_before(): void
    {
        $steps = self::plan(new EdgeStateInput(EdgeCondition::Dull, 25, 3, 25, 30, 0.5))->steps;

        self::assertStringContainsString('burr along the whole edge', $steps[0]->see);
        self::assertStringContainsString('No scratch of the last stone left', $steps[count($steps) - 1]->see);
    }

    public function test_the_caution_defers_to_local_rules(): void
    {
        self::assertStringContainsString('Local rules and trained teaching come first', SharpeningPlan::CAUTION);
        self::assertStringContainsString('off the edge', SharpeningPlan::CAUTION);
    }
}
