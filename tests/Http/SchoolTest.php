<?php

declare(strict_types=1);

namespace Tests\Http;

final class SchoolTest extends HttpTestCase
{
    public function test_each_answer_says_why_its_people_hold_it(): void
    {
        $school = $this->ask('GET', '/api/kit/school')->assertOk();
        self::assertGreaterThanOrEqual(15, count($school->json('questions')));
        self::assertNotContains('', $school->json('questions.*.answers.*.because'));
        $school->assertJsonPath('overrules.0.label', 'leave it out');
    }

    /** A saw's number of teeth is no part of its outline, its kind is. */
    public function test_an_answer_is_drawn_by_the_tool_that_it_comes_down_to(): void
    {
        $questions = array_column($this->ask('GET', '/api/kit/school')->json('questions'), 'answers', 'id');
        $widths = array_map(
            static fn (array $answer): ?float => $answer['outline']['widthMm'] ?? null,
            array_column($questions['bench-plane'], null, 'id'),
        );
        self::assertNotContains(null, $widths);
        self::assertGreaterThan($widths['smoother'], $widths['jack']);
        self::assertSame([null], array_unique(array_column($questions['spend'], 'outline')));
    }

    public function test_an_answer_shifts_the_plan_and_can_be_undone(): void
    {
        $before = $this->ask('GET', '/api/kit/ladder')->json('total');
        $this->ask('PUT', '/api/kit/school', ['version' => 1, 'answers' => ['spend' => 'best-once']])
            ->assertOk()
            ->assertJsonPath('version', 2);
        self::assertNotEquals($before, $this->ask('GET', '/api/kit/ladder')->json('total'));
        $entry = $this->ask('GET', '/api/diary')->json('entries.0.id');
        $this->ask('POST', "/api/diary/$entry/undo")->assertCreated();
        $this->ask('GET', '/api/kit/ladder')->assertJsonPath('total', $before);
    }

    public function test_one_tool_can_be_overruled_and_the_school_let_decide_again(): void
    {
        $this->ask('PUT', '/api/kit/school', [
            'version' => 1,
            'overrule' => ['kind' => 'rebate-plane', 'overrule' => 'leave-out'],
        ])->assertOk();
        $this->ask('PUT', '/api/kit/school', [
            'version' => 2,
            'overrule' => ['kind' => 'combination-plane', 'overrule' => null],
        ])
            ->assertOk()
            ->assertJsonPath('overrules.*.kind', ['rebate-plane']);
    }

    public function test_the_first_choice_on_a_new_bench(): void
    {
        \Demo\DemoBench::leave();
        $this->ask('PUT', '/api/kit/school', ['version' => 1, 'answers' => ['saws' => 'pull'], 'perMonth' => '50'])
            ->assertOk()
            ->assertJsonPath('perMonth', 50);
        $this->ask('PUT', '/api/kit/school', ['version' => 1, 'answers' => ['saws' => 'push']])->assertOk();
        $this->ask('PUT', '/api/kit/school', ['version' => 1, 'answers' => ['saws' => 'either']])->assertStatus(409);
    }

    public function test_what_nobody_knows_is_refused(): void
    {
        foreach (
            [
                'answers.saws' => ['answers' => ['saws' => 'chain']],
                'answers.colour' => ['answers' => ['colour' => 'red']],
                'overrule.kind' => ['overrule' => ['kind' => 'laser', 'overrule' => 'offer']],
                'overrule.overrule' => ['overrule' => ['kind' => 'mallet', 'overrule' => 'burn']],
                'perMonth' => ['perMonth' => 'plenty'],
                'budget' => ['budget' => '-3'],
                'floor' => ['floor' => 9],
            ] as $field => $change
        ) {
            $this->ask('PUT', '/api/kit/school', ['version' => 1] + $change)
                ->assertStatus(422)
                ->assertJsonPath('errors.0.field', $field);
        }
    }
}
