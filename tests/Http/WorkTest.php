<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Work\Work;

final class WorkTest extends HttpTestCase
{
    /** @return array<string, mixed> */
    private static function own(): array
    {
        return [
            'name' => 'smoker box',
            'pattern' => null,
            'measures' => (object) [],
            'hardness' => 'soft',
            'due' => null,
            'weight' => 1,
            'steps' => [
                ['operation' => 'groove', 'typed' => ['width' => '6'], 'minGrade' => 4],
                ['operation' => 'bore', 'typed' => ['diameter' => '30'], 'minGrade' => 3],
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    private static function box(array $change = []): array
    {
        return [
            ...[
                'name' => 'tea chest',
                'pattern' => 'dovetailed-box',
                'measures' => ['thickness' => '12', 'pin' => '5'],
                'steps' => [],
                'hardness' => 'hard',
                'due' => '2027-05-01',
                'weight' => 2,
            ],
            ...$change,
        ];
    }

    public function test_the_works_and_the_kinds_to_begin_from(): void
    {
        $works = $this->ask('GET', '/api/works')->assertOk();
        self::assertSame(
            ['hive bodies', 'grooved lids', 'hive stand', 'frame jig', 'shelf for the shed'],
            $works->json('works.*.name'),
        );
        self::assertGreaterThanOrEqual(11, count($works->json('patterns')));
    }

    public function test_a_work_tells_of_each_operation_what_can_be_done_and_what_limits_it(): void
    {
        $page = $this->ask('GET', self::workPath('hive bodies'))
            ->assertOk()
            ->assertJsonPath(
                'sentence',
                'You can make the hive bodies, makeshift in places: 1 operation not done as well as it asks.',
            );
        $tasks = array_column($page->json('tasks'), null, 'operation');

        self::assertSame('roughly', $tasks['rebate-along']['state']);
        self::assertStringContainsString('It takes a rebate plane.', $tasks['rebate-along']['says']);
        self::assertSame(
            ['thickness 22 mm, depth 22 mm', 'by hand and eye'],
            [$tasks['saw-dovetail']['numbers'], $tasks['saw-dovetail']['certainty']],
        );
        self::assertTrue($tasks['bring-to-width']['slow']);
        self::assertSame('rebate-along', $page->json('tasks.0.operation'), 'what is missing comes first');
    }

    public function test_sizes_are_reckoned_with_while_they_are_typed(): void
    {
        $form = [
            'pattern' => 'dovetailed-box',
            'measures' => ['thickness' => '70', 'pin' => '2'],
            'steps' => [],
            'hardness' => 'soft',
        ];
        $this->ask('POST', '/api/works/preview', $form)
            ->assertOk()
            ->assertJsonPath('figures.thickness.error', 'Board thickness: 4 mm to 60 mm.')
            ->assertJsonPath('sound', false);
        $says = array_column(
            $this->ask('POST', '/api/works/preview', ['measures' => ['pin' => '2']] + $form)->json('tasks'),
            'says',
            'operation',
        );
        self::assertStringContainsString('has blade width', $says['clear-waste']);
    }

    public function test_a_work_is_taken_up_counts_in_the_plan_and_can_be_undone(): void
    {
        $this->ask('POST', '/api/works', self::box())
            ->assertCreated()
            ->assertJsonPath('work.name', 'tea chest')
            ->assertJsonPath('typed.thickness', '12')
            ->assertJsonPath('work.due', '2027-05-01');
        $this->ask('GET', '/api/kit')->assertJsonPath('works.2.name', 'tea chest');
        $entry = $this->ask('GET', '/api/diary')->json('entries.0.id');
        $this->ask('POST', "/api/diary/$entry/undo")->assertCreated();
        $this->ask('GET', '/api/works')->assertJsonCount(5, 'works');
    }

    public function test_bad_input_gets_a_sentence_beside_its_field(): void
    {
        foreach (
            [
                'name' => self::box(['name' => '']),
                'due' => self::box(['due' => 'soon']),
                'weight' => self::box(['weight' => 0]),
                'measures.rebate' => self::box(['measures' => ['thickness' => '10', 'rebate' => '10']]),
                'pattern' => self::box(['pattern' => 'cathedral']),
                'steps' => ['steps' => []] + self::own(),
                'steps.1.typed.diameter' => [
                    'steps' => [
                        self::own()['steps'][0],
                        ['operation' => 'bore', 'typed' => ['diameter' => 'wide'], 'minGrade' => 3],
                    ],
                ] + self::own(),
                'steps.0.operation' => [
                    'steps' => [['operation' => 'juggle', 'typed' => (object) [], 'minGrade' => 3]],
                ] +
                    self::own(),
            ] as $field => $body
        ) {
            $this->ask('POST', '/api/works', $body)
                ->assertStatus(422)
                ->assertJsonPath('errors.0.field', $field);
        }
        self::assertSame(5, Work::of(self::bench())->count());
    }

    public function test_users_put_their_own_together(): void
    {
        $id = $this->ask('POST', '/api/works', self::own())
            ->assertCreated()
            ->assertJsonPath('pattern', null)
            ->assertJsonPath('steps.0.typed.width', '6')
            ->json('work.id');
        $tasks = array_column($this->ask('GET', "/api/works/$id")->json('tasks'), null, 'operation');
        self::assertSame(['groove', 'bore'], array_keys($tasks));
        self::assertSame('planned', $tasks['bore']['state'], 'an expansive bit reaches 30 mm');
        self::assertGreaterThanOrEqual(60, count($this->ask('GET', '/api/operations')->json('operations')));
    }

    public function test_a_work_is_changed_left_for_later_and_given_up(): void
    {
        $jig = self::workPath('frame jig');
        $this->ask(
            'PUT',
            $jig,
            ['version' => 1] +
                self::box([
                    'name' => 'frame jig',
                    'pattern' => 'halved-frame',
                    'measures' => ['thickness' => '25'],
                ]),
        )
            ->assertOk()
            ->assertJsonPath('measuresMm.thickness', 25)
            ->assertJsonPath('work.version', 2);
        $this->ask('PUT', "$jig/chosen", ['version' => 2, 'chosen' => false])->assertOk();
        self::assertNotContains(
            'frame jig',
            array_column(
                array_filter(
                    $this->ask('GET', '/api/kit')->json('works'),
                    static fn (array $work): bool => $work['chosen'],
                ),
                'name',
            ),
        );
        $this->ask('PUT', "$jig/chosen", ['version' => 2, 'chosen' => true])->assertStatus(409);
        $entry = $this->ask('DELETE', $jig, ['version' => 3])
            ->assertOk()
            ->json('entry.id');
        $this->ask('GET', $jig)->assertNotFound();
        $this->ask('POST', "/api/diary/$entry/undo")->assertCreated();
        $this->ask('GET', $jig)->assertOk();
    }

    public function test_the_work_with_the_nearest_date_is_the_next(): void
    {
        $this->ask('GET', '/api/bench')->assertJsonPath('work.name', 'hive bodies');
        $this->ask('POST', '/api/works', self::box(['due' => '2027-01-10']))->assertCreated();
        $this->ask('GET', '/api/bench')
            ->assertJsonPath('work.name', 'tea chest')
            ->assertJsonPath('work.measuresMm.thickness', 12);
    }

    /** What a work is drawn by in the list is what its own page was typed with. */
    public function test_a_work_of_the_list_is_drawn_from_its_own_sizes(): void
    {
        $list = $this->ask('GET', '/api/works')->assertOk()->json();
        self::assertSame(array_column($list['works'], 'id'), array_column($list['shapes'], 'work'));
        foreach ($list['shapes'] as $shape) {
            $page = $this->ask('GET', "/api/works/{$shape['work']}")->assertOk()->json();
            $own = array_intersect_key($page['measuresMm'], $shape['measuresMm']);
            self::assertEquals($own, array_intersect_key($shape['measuresMm'], $own));
        }
    }
}
