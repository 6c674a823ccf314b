<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Tool\Tool;

final class LadderTest extends HttpTestCase
{
    public function test_the_ladder_of_orchard_row(): void
    {
        $ladder = $this->ask('GET', '/api/kit/ladder')
            ->assertOk()
            ->assertJsonPath('says', 'Get the rebate plane, 30 mm iron, beech: € 65.');

        self::assertSame(
            [
                ['hive bodies, makeshift in places', 'frame jig, makeshift in places'],
                ['hive bodies, well made'],
                ['grooved lids, makeshift in places', 'hive stand, well made', 'frame jig, well made'],
                ['grooved lids, soundly made'],
                ['grooved lids, well made'],
            ],
            array_map(
                static fn (array $rung): array => array_map(
                    static fn (array $work): string => "{$work['name']}, {$work['well']}",
                    $rung['unlocks'],
                ),
                $ladder->json('rungs'),
            ),
        );
        self::assertSame([0, 65, 67, 187, 317], $ladder->json('rungs.*.to'));
        self::assertSame([false, false, true, false, false], $ladder->json('rungs.*.made'));
        // A paring block is made by no plan of ours; a mallet is.
        self::assertSame([null, null, null, null], $ladder->json('rungs.*.tools.*.plan'));
        Tool::of(self::bench())
            ->whereIn('kind', ['mallet', 'soft-hammer', 'dead-blow'])
            ->delete();
        self::assertContains('mallet', $this->ask('GET', '/api/kit/ladder')->json('rungs.*.tools.*.plan'));
        $ladder
            ->assertJsonPath('total', 317)
            ->assertJsonPath('tools', 4)
            ->assertJsonPath('locked', [])
            ->assertJsonPath(
                'startingSmall',
                'Climbing costs € 120 more in the end than buying all of it at once (€ 197).',
            )
            ->assertJsonPath('proof', 'Each stage is the cheapest there is.');
    }

    public function test_a_month_names_each_step_and_a_date_that_cannot_be_kept(): void
    {
        $this->travelTo('2026-11-25');
        self::assertSame(
            ['2026-11', '2026-12', '2026-12', '2027-02', '2027-04'],
            $this->ask('GET', '/api/kit/ladder')->json('rungs.*.month'),
        );
        $this->ask('PUT', '/api/kit/school', ['version' => 1, 'perMonth' => '10'])->assertOk();
        $this->ask('GET', '/api/kit/ladder')->assertJsonPath(
            'rungs.1.late',
            'Too late for the hive bodies, wanted by 2027-02-27. It would take € 17 a month.',
        );
    }

    public function test_a_budget_says_what_it_does_not_reach_for_and_what_it_buys(): void
    {
        $this->ask('PUT', '/api/kit/school', ['version' => 1, 'budget' => '70'])->assertOk();
        $this->ask('GET', '/api/kit/ladder')
            ->assertJsonPath('total', 67)
            ->assertJsonPath('locked', [])
            ->assertJsonPath(
                'outOfReach',
                'Grooved lids, soundly made: € 120 more. You are € 117 short: leave the router plane, 6 mm for now and '
                    .'borrow one.',
            );
        $this->ask('GET', '/api/kit')->assertJsonPath('plan.sentence', '2 tools within your budget, € 67.');
    }

    /** What was paid for is not there to be spent again; taking it back brings the money back. */
    public function test_what_is_got_goes_off_the_budget(): void
    {
        $this->ask('PUT', '/api/kit/school', ['version' => 1, 'budget' => '70'])->assertOk();
        $plane = Tool::of(self::bench())->where('kind', 'rebate-plane')->firstOrFail();
        $this->ask('POST', "/api/tools/{$plane->id}/got", ['version' => 1])->assertOk();
        $this->ask('GET', '/api/kit/ladder')->assertJsonPath('budget', 5)->assertJsonPath('total', 2);
        $this->ask('POST', '/api/kit/offers/paring-block/got')->assertOk();
        $this->ask('GET', '/api/kit/ladder')->assertJsonPath('budget', 3)->assertJsonPath('total', 0);
        $entry = $this->ask('GET', '/api/diary')
            ->assertJsonPath(
                'entries.0.sentence',
                'Made the paring block; it hangs on the board. € 3 of the budget is left.',
            )
            ->json('entries.0.id');
        $this->ask('POST', "/api/diary/$entry/undo")->assertCreated();
        $this->ask('GET', '/api/kit/ladder')->assertJsonPath('budget', 5)->assertJsonPath('total', 2);
    }

    /** € 65 and € 2 of € 70 were spent; of whichever is undone first, that alone comes back. */
    public function test_in_whatever_order_money_comes_back_it_is_all_there(): void
    {
        $this->ask('PUT', '/api/kit/school', ['version' => 1, 'budget' => '70'])->assertOk();
        $plane = Tool::of(self::bench())->where('kind', 'rebate-plane')->firstOrFail();
        $this->ask('POST', "/api/tools/{$plane->id}/got", ['version' => 1])->assertOk();
        $first = $this->ask('GET', '/api/diary')->json('entries.0.id');
        $this->ask('POST', '/api/kit/offers/paring-block/got')->assertOk();
        $second = $this->ask('GET', '/api/diary')->json('entries.0.id');

        $this->ask('POST', "/api/diary/$first/undo")->assertCreated();
        $this->ask('GET', '/api/kit/ladder')->assertJsonPath('budget', 68);
        $this->ask('POST', "/api/diary/$second/undo")->assertCreated();
        $this->ask('GET', '/api/kit/ladder')->assertJsonPath('budget', 70);
    }

    /** With one work chosen the same tools stand on Bench, Kit and Ladder, whatever can be spent. */
    public function test_bench_kit_and_ladder_count_the_same_tools(): void
    {
        $this->ask('POST', '/api/benches', ['name' => 'Shed'])->assertCreated();
        $this->ask('POST', '/api/works', [
            'name' => 'box', 'pattern' => 'dovetailed-box', 'measures' => (object) [], 'steps' => [],
            'hardness' => 'soft', 'due' => null, 'weight' => 1,
        ])->assertCreated();
        $counted = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
        foreach (['', '30', '120', '190', '400'] as $budget) {
            $version = $this->ask('GET', '/api/kit/ladder')->json('settingsVersion');
            $this->ask('PUT', '/api/kit/school', ['version' => $version, 'budget' => $budget])->assertOk();
            $ladder = $this->ask('GET', '/api/kit/ladder');
            $kit = $this->ask('GET', '/api/kit');
            self::assertSame($ladder->json('tools'), $kit->json('plan.tools'));
            self::assertEquals($ladder->json('total'), $kit->json('plan.cost'));
            self::assertSame($ladder->json('says'), $kit->json('next.says'));
            $count = $ladder->json('tools');
            $this->ask('GET', '/api/bench')->assertJsonPath(
                'sentence',
                'Before the box: '.($counted[$count] ?? $count).($count === 1 ? ' tool' : ' tools').' to get.',
            );
        }
    }

    /** What the ladder says can be made already is what Works, Kit and Bench say, tool by tool. */
    public function test_works_say_what_the_ladder_says_can_be_made_already(): void
    {
        $kinds = ['', 'router-plane', 'paring-block', 'rebate-plane', 'mallet'];
        foreach ($kinds as $kind) {
            if ($kind === 'mallet') {
                Tool::of(self::bench())->whereIn('kind', ['mallet', 'dovetail-saw'])->delete();
            } elseif ($kind !== '') {
                $this->ask('POST', '/api/tools', [
                    'kind' => $kind, 'figures' => (object) [], 'name' => '', 'status' => 'owned', 'price' => '',
                ])->assertCreated();
            }
            $already = [];
            foreach ($this->ask('GET', '/api/kit/ladder')->json('rungs') as $rung) {
                foreach ($rung['tools'] === [] ? $rung['unlocks'] : [] as $work) {
                    $already[$work['name']] = $work['well'];
                }
            }
            $works = array_filter(
                $this->ask('GET', '/api/works')->json('works'),
                static fn (array $work): bool => $work['chosen'],
            );
            $works = array_column($works, 'well', 'name');
            self::assertEquals($already, array_filter($works, is_string(...)), "with $kind");
        }
    }

    public function test_an_impossible_plan_names_the_operation(): void
    {
        $this->ask('POST', '/api/works', [
            'name' => 'huge hole',
            'pattern' => null,
            'measures' => (object) [],
            'steps' => [['operation' => 'bore', 'typed' => ['diameter' => '95'], 'minGrade' => 3]],
            'hardness' => 'soft',
            'due' => null,
            'weight' => 1,
        ]);
        $this->ask('GET', '/api/kit/ladder')
            ->assertJsonPath('impossible', 'Nothing on offer is good enough to bore holes.')
            ->assertJsonPath('locked', ['huge hole']);
    }

    public function test_a_higher_floor_asks_for_better_tools(): void
    {
        $before = $this->ask('GET', '/api/kit/ladder')->json('total');
        $this->ask('PUT', '/api/kit/school', ['version' => 1, 'floor' => 4])->assertOk();
        self::assertGreaterThan($before, $this->ask('GET', '/api/kit/ladder')->json('total'));
    }

    public function test_what_another_choice_would_cost(): void
    {
        $other = $this->ask('GET', '/api/kit/alternatives')
            ->assertOk()
            ->assertJsonPath(
                'nextBest',
                'Next best: leave the rebate plane, 30 mm iron, beech, shoulder plane, 20 mm iron instead – € 43 '
                    .'more in all.',
            );
        self::assertContains('becomes worth it below € 65', $other->json('worth.*.says'));
        self::assertCount(3, $other->json('purchases'));
    }
}
