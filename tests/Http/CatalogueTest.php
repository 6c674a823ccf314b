<?php

declare(strict_types=1);

namespace Tests\Http;

use JackRest\Core\School\Questions;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Patterns;

/** Everything that can be chosen, chosen once, as a screen does it. */
final class CatalogueTest extends HttpTestCase
{
    public function test_every_kind_can_be_hung_up_and_has_a_page(): void
    {
        foreach (ToolKinds::all() as $kind) {
            $page = $this->ask('POST', '/api/tools', [
                'kind' => $kind->id,
                'figures' => (object) [],
                'name' => '',
                'status' => 'wanted',
                'price' => '',
            ])->assertCreated();
            self::assertNotSame([], $page->json('serves'), $kind->id);
            self::assertSame(0, strpos((string) $page->json('tool.name'), $kind->name));
        }
        $this->ask('GET', '/api/kit')
            ->assertOk()
            ->assertJsonCount(54 + count(ToolKinds::all()), 'board');
    }

    public function test_every_work_can_be_taken_up_as_it_comes(): void
    {
        foreach (Patterns::all() as $pattern) {
            $this->ask('POST', '/api/works', [
                'name' => $pattern->name,
                'pattern' => $pattern->id,
                'measures' => (object) [],
                'steps' => [],
                'hardness' => 'medium',
                'due' => null,
                'weight' => 1,
            ])->assertCreated();
        }
        $ladder = $this->ask('GET', '/api/kit/ladder')
            ->assertOk()
            ->assertJsonPath('impossible', null)
            ->assertJsonPath('locked', []);
        $reached = array_merge(...$ladder->json('rungs.*.unlocks'));
        self::assertCount(count(Patterns::all()) + 4, array_unique(array_column($reached, 'id')));
    }

    public function test_every_operation_can_stand_in_a_work_of_ones_own(): void
    {
        $steps = array_values(
            array_map(
                static fn ($operation): array => [
                    'operation' => $operation->id,
                    'typed' => (object) [],
                    'minGrade' => 2,
                ],
                Operations::all(),
            ),
        );
        $preview = $this->ask('POST', '/api/works/preview', [
            'pattern' => null,
            'measures' => (object) [],
            'steps' => $steps,
            'hardness' => 'soft',
        ])->assertOk();
        self::assertCount(count($steps), $preview->json('tasks'));
        self::assertNotContains('', $preview->json('tasks.*.says'));
    }

    public function test_every_answer_of_a_school_leaves_a_proven_plan(): void
    {
        $version = 1;
        foreach (Questions::all() as $question) {
            foreach ($question->answers as $answer) {
                $this->ask('PUT', '/api/kit/school', [
                    'version' => $version,
                    'answers' => [$question->id => $answer->id],
                ])->assertOk();
                $version++;
                $this->ask('GET', '/api/kit')->assertOk()->assertJsonPath('plan.provenOptimal', true);
            }
            $this->ask('PUT', '/api/kit/school', [
                'version' => $version++,
                'answers' => [$question->id => $question->answers[0]->id],
            ])->assertOk();
        }
        $this->ask('GET', '/api/kit')->assertJsonPath('plan.cost', 317);
    }

    public function test_every_kind_can_be_left_out_and_let_in_again(): void
    {
        $version = 1;
        foreach (['rebate-plane', 'plough-plane', 'mallet', 'waterstones'] as $kind) {
            $this->ask('PUT', '/api/kit/school', [
                'version' => $version++,
                'overrule' => ['kind' => $kind, 'overrule' => 'leave-out'],
            ])->assertOk();
            $this->ask('GET', '/api/kit')->assertOk();
            $this->ask('PUT', '/api/kit/school', [
                'version' => $version++,
                'overrule' => ['kind' => $kind, 'overrule' => null],
            ])->assertOk();
        }
        $this->ask('GET', '/api/kit')->assertJsonPath('plan.cost', 317);
    }
}
