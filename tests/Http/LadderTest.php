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
            ->assertJsonPath('says', 'First get the rebate plane, 30 mm iron, beech.');

        self::assertSame(
            [['hive bodies'], ['grooved lids'], ['hive stand', 'frame jig']],
            array_map(static fn (array $rung): array => array_column($rung['unlocks'], 'name'), $ladder->json('rungs')),
        );
        self::assertSame([65, 195, 197], $ladder->json('rungs.*.to'));
        self::assertSame([false, false, true], $ladder->json('rungs.*.made'));
        // A paring block is made by no plan of ours; a mallet is.
        self::assertSame([null, null, null], $ladder->json('rungs.*.plan'));
        Tool::of(self::bench())
            ->whereIn('kind', ['mallet', 'soft-hammer', 'dead-blow'])
            ->delete();
        self::assertContains('mallet', $this->ask('GET', '/api/kit/ladder')->json('rungs.*.plan'));
        $ladder
            ->assertJsonPath('total', 197)
            ->assertJsonPath('locked', [])
            ->assertJsonPath('proof', 'Nothing cheaper makes all of it possible.');
    }

    public function test_a_month_names_each_step_and_a_date_that_cannot_be_kept(): void
    {
        $this->travelTo('2026-11-25');
        self::assertSame(
            ['2026-12', '2027-02', '2027-02'],
            $this->ask('GET', '/api/kit/ladder')->json('rungs.*.month'),
        );
        $this->ask('PUT', '/api/kit/school', ['version' => 1, 'perMonth' => '10'])->assertOk();
        $this->ask('GET', '/api/kit/ladder')->assertJsonPath(
            'rungs.0.late',
            'Too late for the hive bodies, wanted by 2027-02-27. It would take € 17 a month.',
        );
    }

    public function test_a_budget_says_which_operation_is_left_out_and_what_can_be_done(): void
    {
        $this->ask('PUT', '/api/kit/school', ['version' => 1, 'budget' => '70'])->assertOk();
        $ladder = $this->ask('GET', '/api/kit/ladder')
            ->assertJsonPath('total', 67)
            ->assertJsonPath('locked', ['grooved lids']);
        self::assertSame(
            'It does not reach for: groove with the grain. The nearest kit you can afford does the rest.',
            $ladder->json('impossible'),
        );
        $this->ask('GET', '/api/kit')->assertJsonPath(
            'plan.sentence',
            '2 tools within your budget, € 67. It does not reach for: groove with the grain.',
        );
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
