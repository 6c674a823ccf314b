<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Kit;

use JackRest\Core\Kit\Method;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\Offers;
use JackRest\Core\Kit\PlanProblem;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Kit\ToolOffer;
use JackRest\Core\Kit\WantedTool;
use JackRest\Core\School\School;
use JackRest\Core\Work\Ask;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Task;
use PHPUnit\Framework\TestCase;

/** What the plan is asked: methods from ways, needs from what gives them. */
final class PlanProblemTest extends TestCase
{
    /**
     * @param  list<Task>  $tasks
     * @param  array<string, array<string, float>>  $owned  sizes by kind
     * @param  list<string>  $on  kinds on offer; empty: all of them
     */
    private static function problem(
        array $tasks,
        array $owned = [],
        array $on = [],
        ?School $school = null,
    ): PlanProblem {
        $school ??= new School();
        $tools = array_map(
            static fn (string $kind, array $sizes): ToolAtHand => new ToolAtHand("own-$kind", $kind, $kind, $sizes),
            array_keys($owned),
            array_values($owned),
        );
        $offers = array_values(
            array_filter(
                Offers::for([], $school),
                static fn (Offer $offer): bool => $on === [] || in_array($offer->kind, $on, true),
            ),
        );

        return new PlanProblem($tasks, $tools, $offers, $school);
    }

    /** @return list<list<string>> */
    private static function sets(PlanProblem $problem): array
    {
        return array_map(static fn (Method $method): array => $method->tools, $problem->methods);
    }

    /** @return array<string, list<string>> */
    private static function needs(PlanProblem $problem): array
    {
        return array_column(
            array_map(static fn (ToolOffer $tool): array => [$tool->id, $tool->needs], $problem->tools),
            1,
            0,
        );
    }

    public function test_each_size_that_suits_is_a_method(): void
    {
        $problem = self::problem(
            [Ask::for('clear-waste', Facts::of(gap: 8))],
            on: ['bench-chisel', 'mallet', 'waterstones'],
        );
        self::assertSame(
            [
                ['bench-chisel-2'], ['bench-chisel-5'],
                ['bench-chisel-2', 'mallet'], ['bench-chisel-5', 'mallet'],
            ],
            self::sorted(self::sets($problem)),
        );
    }

    public function test_a_tool_owned_that_suits_stands_for_all_of_its_kind(): void
    {
        $problem = self::problem(
            [Ask::for('clear-waste', Facts::of(gap: 8))],
            ['bench-chisel' => ['width' => 7.0]],
            ['bench-chisel', 'mallet', 'waterstones'],
        );
        self::assertSame([['own-bench-chisel', 'mallet'], ['own-bench-chisel']], self::sets($problem));
    }

    public function test_a_tool_owned_that_does_not_suit_leaves_the_offers(): void
    {
        $problem = self::problem(
            [Ask::for('clear-waste', Facts::of(gap: 8))],
            ['bench-chisel' => ['width' => 25.0]],
            ['bench-chisel', 'mallet', 'waterstones'],
        );
        self::assertCount(4, self::sets($problem));
    }

    public function test_a_way_whose_work_is_too_thick_is_no_method(): void
    {
        $problem = self::problem([Ask::for('saw-curve', Facts::of(thickness: 40))], on: ['coping-saw', 'bench-vice']);
        self::assertSame([], $problem->methods);
        self::assertCount(1, $problem->tasks);
    }

    public function test_a_need_is_given_by_what_is_owned_before_what_is_offered(): void
    {
        self::assertSame(
            ['own-oilstones'],
            self::needs(self::problem([Ask::for('pare')], ['oilstones' => []]))['paring-chisel'],
        );
        self::assertSame(['waterstones'], self::needs(self::problem([Ask::for('pare')]))['paring-chisel']);
        self::assertSame(
            ['diamond-plates'],
            self::needs(self::problem([Ask::for('pare')], school: new School(['media' => 'diamond'])))['paring-chisel'],
        );
    }

    public function test_a_guide_is_a_need_of_its_own(): void
    {
        self::assertSame(
            ['waterstones', 'honing-guide'],
            self::needs(self::problem([Ask::for('pare')], school: new School(['angle' => 'guide'])))['paring-chisel'],
        );
    }

    public function test_a_tool_whose_needs_nothing_gives_is_left_out_right_down(): void
    {
        $problem = self::problem([Ask::for('groove', Facts::of(width: 6))], on: ['plough-plane', 'plough-irons']);
        self::assertSame([], $problem->tools);
        self::assertSame([], $problem->methods);
    }

    public function test_tasks_served_alike_are_one_operation(): void
    {
        $tasks = [
            Ask::for('bore', Facts::of(diameter: 6)),
            Ask::for('bore', Facts::of(diameter: 7)),
            Ask::for('bore', Facts::of(diameter: 30)),
        ];
        $problem = self::problem($tasks);

        self::assertCount(2, $problem->tasks);
        self::assertSame($problem->operationOf[$tasks[0]->key()], $problem->operationOf[$tasks[1]->key()]);
        self::assertNotSame($problem->operationOf[$tasks[0]->key()], $problem->operationOf[$tasks[2]->key()]);
    }

    public function test_another_grade_is_another_operation(): void
    {
        self::assertCount(2, self::problem([Ask::for('pare', minGrade: 3), Ask::for('pare', minGrade: 5)])->tasks);
    }

    public function test_what_machines_do_is_not_asked_for(): void
    {
        self::assertCount(
            0,
            self::problem([Ask::for('rip'), Ask::for('bore')], school: new School(['purity' => 'hybrid']))->tasks,
        );
    }

    public function test_the_users_own_listing_of_a_kind_without_sizes_is_the_only_one(): void
    {
        $offers = Offers::for([new WantedTool('7', 'card-scraper', 'mine', [], null)], new School());
        $own = array_values(array_filter($offers, static fn (Offer $offer): bool => $offer->kind === 'card-scraper'));
        self::assertCount(1, $own);
        self::assertSame(['7', 12.0, false], [$own[0]->id, $own[0]->price, $own[0]->ownPrice]);
    }

    /**
     * @param  list<list<string>>  $sets
     * @return list<list<string>>
     */
    private static function sorted(array $sets): array
    {
        sort($sets);

        return $sets;
    }
}
