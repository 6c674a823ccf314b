<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Job;

use JackRest\Core\Job\Craft;
use JackRest\Core\Job\JobPart;
use JackRest\Core\Job\PartCount;
use JackRest\Core\Job\Route;
use JackRest\Core\Job\RouteStep;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Pattern;
use JackRest\Core\Work\Patterns;
use JackRest\Core\Work\Task;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RouteTest extends TestCase
{
    public function test_every_operation_is_a_step_or_known_to_be_none(): void
    {
        foreach (Operations::all() as $operation) {
            self::assertNotSame(
                Craft::isStep($operation->id) ? '' : $operation->id,
                Craft::isStep($operation->id) ? Craft::of($operation->id)->phase->label() : '',
            );
        }
        $this->expectException(\OutOfBoundsException::class);
        Craft::of('hone');
    }

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (Patterns::all() as $pattern) {
            yield $pattern->id => [$pattern];
        }
    }

    #[DataProvider('patterns')]
    public function test_a_work_is_made_by_all_that_it_asks_for_in_an_order_that_can_be(Pattern $pattern): void
    {
        $tasks = self::tasks($pattern);
        $route = Route::of($tasks, PartCount::usual($pattern->id));
        $made = array_unique(array_map(static fn (RouteStep $step): string => $step->task->operation->id, $route));
        $asked = array_unique(array_map(static fn (Task $task): string => $task->operation->id, $tasks));
        $asked = array_filter($asked, Craft::isStep(...));
        self::assertEqualsCanonicalizing($asked, $made);
        $done = [];
        foreach ($route as $step) {
            self::assertSame([], array_diff($step->after, $done), "$step->id follows what is done");
            self::assertNotContains($step->id, $done);
            $done[] = $step->id;
        }
    }

    /** Common practice, no source. */
    public function test_tails_come_before_pins_and_gluing_after_both(): void
    {
        $order = self::order('dovetailed-box');
        foreach ([
            ['thickness', 'mark-parallel tails'], ['saw-dovetail tails', 'transfer pins'],
            ['chop-across tails', 'transfer pins'], ['transfer pins', 'saw-dovetail pins'],
            ['rebate-along', 'assemble'], ['pare pins', 'assemble'], ['assemble', 'smooth'],
        ] as [$first, $then]) {
            self::assertLessThan($order[$then], $order[$first], "$first before $then");
        }
        $stand = self::order('tenoned-stand');
        self::assertLessThan($stand['fit-tenon-cheek tenons'], $stand['chop-mortise mortises']);
    }

    public function test_parts_are_counted_by_the_piece(): void
    {
        $times = [];
        foreach (Route::of(self::tasks(Patterns::named('dovetailed-box')), new PartCount(4, 8, 4)) as $step) {
            $times[$step->id] = [$step->craft->part, $step->times];
        }
        self::assertSame([JobPart::Board, 4], $times['flatten']);
        self::assertSame([JobPart::End, 8], $times['shoot-end']);
        self::assertSame([JobPart::Joint, 4], $times['saw-dovetail tails']);
        self::assertSame([JobPart::Piece, 1], $times['assemble']);
    }

    public function test_planed_boards_are_not_planed_again(): void
    {
        $tasks = self::tasks(Patterns::named('dovetailed-box'));
        $planed = array_map(
            static fn (RouteStep $step): string => $step->id,
            Route::of($tasks, new PartCount(), true),
        );
        self::assertNotContains('flatten', $planed);
        self::assertContains('crosscut', $planed);
        self::assertCount(9, array_diff(array_keys(self::order('dovetailed-box')), $planed) + ['' => '']);
    }

    /** @return array<string, int> place by step */
    private static function order(string $pattern): array
    {
        $route = Route::of(self::tasks(Patterns::named($pattern)), new PartCount());

        return array_flip(array_map(static fn (RouteStep $step): string => $step->id, $route));
    }

    /** @return list<Task> */
    private static function tasks(Pattern $pattern): array
    {
        $usual = array_column(array_map(
            static fn ($measure): array => [$measure->name, $measure->usual],
            $pattern->measures,
        ), 1, 0);

        return $pattern->tasks($usual, Hardness::Medium);
    }
}
