<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Kit;

use JackRest\Core\Kit\Ladder;
use JackRest\Core\Kit\Lift;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\PlannedWork;
use JackRest\Core\Kit\Reached;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\School\School;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Ask;
use JackRest\Core\Work\Patterns;
use JackRest\Desk\Kit\LadderWords;
use PHPUnit\Framework\TestCase;

final class LadderWordsTest extends TestCase
{
    private static function words(): LadderWords
    {
        return new LadderWords(static fn (float $sum): string => '€ '.round($sum));
    }

    /** @param  list<ToolAtHand>  $owned */
    private static function box(array $owned = [], ?float $budget = null): Ladder
    {
        $tasks = Patterns::named('dovetailed-box')->tasks([], Hardness::Soft);

        return new Ladder(
            [new PlannedWork('1', 'dovetailed box', $tasks)],
            $owned,
            [],
            new School(['spend' => 'second-hand']),
            $budget,
        );
    }

    public function test_an_empty_bench_is_told_to_sharpen_and_what_the_first_box_costs(): void
    {
        $ladder = self::box();
        $rung = $ladder->next();
        self::assertNotNull($rung);
        self::assertSame('Get the abrasive paper on glass: € 13.', self::words()->next($rung->tools[0]));
        self::assertSame(
            'Every edge wants it: a blunt edge is no tool. Dovetailed box, roughly made: € 136 in all.',
            self::words()->why($ladder, $rung, $rung->tools[0]),
        );
    }

    public function test_what_starting_small_costs_more(): void
    {
        $ladder = self::box();
        self::assertSame(
            'Climbing costs € '.round($ladder->total() - (float) $ladder->straight()).
                ' more in the end than buying all of it at once (€ '.round((float) $ladder->straight()).
                '), and begins for € 136.',
            self::words()->startingSmall($ladder),
        );
    }

    public function test_a_budget_too_small_is_told_what_to_borrow_and_what_it_buys(): void
    {
        $next = self::box(budget: 125.0)->outOfReach;
        self::assertNotNull($next);
        self::assertSame(
            'Dovetailed box, roughly made: € 136 more. You are € 11 short: leave the try square, 250 mm for now and '
                .'borrow one. The rest is within your budget.',
            self::words()->outOfReach($next),
        );
        $tiny = self::box(budget: 30.0)->outOfReach;
        self::assertNotNull($tiny);
        self::assertNull($tiny->borrow);
        self::assertStringEndsWith(
            'What you have is enough for the abrasive paper on glass and the marking knife.',
            self::words()->outOfReach($tiny),
        );
    }

    public function test_what_a_tool_is_for(): void
    {
        [$new, $better] = [Ask::for('pare'), Ask::for('crosscut')];
        [$poor, $good] = [$better->operation->ways[2], $better->operation->ways[0]];
        $offer = new Offer('x', 'panel-saw', 'panel saw', [], 10.0);
        self::assertSame('Other tools need it.', LadderWords::for($offer, []));
        self::assertSame(
            'To pare to the line; better: crosscut to length.',
            LadderWords::for($offer, [
                new Lift($new, null, $new->operation->ways[0], ['x']),
                new Lift($better, $poor, $good, ['x', 'y']),
                new Lift($better, $poor, $good, ['y']),
            ]),
        );
        self::assertSame(
            'Quicker or surer: crosscut to length.',
            LadderWords::for($offer, [new Lift($better, $good, $good, ['x'])]),
        );
    }

    public function test_what_making_it_is_like(): void
    {
        $work = new PlannedWork('1', 'tray', []);
        self::assertSame('tray, soundly made', LadderWords::reached(new Reached($work, 3, false, 40, 0, 9)));
        self::assertSame(
            'about 40 min for one of every operation, all by hand and eye',
            LadderWords::like(new Reached($work, 3, false, 40, 0, 9)),
        );
        self::assertSame(
            'about 2 h 5 min for one of every operation, 4 of 9 operations guided',
            LadderWords::like(new Reached($work, 3, false, 125, 4, 9)),
        );
    }
}
