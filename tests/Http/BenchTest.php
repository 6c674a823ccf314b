<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Stall\LookOver;
use App\Stone\Stone;

final class BenchTest extends HttpTestCase
{
    public function test_the_demo_bench_says_what_wants_doing_and_about_how_long(): void
    {
        $this->ask('GET', '/api/bench')
            ->assertOk()
            ->assertJsonPath('ready', false)
            ->assertJsonPath('chores.*.kind', [
                'go-on-with-job',
                'get-tool',
                'sharpen-edge',
                'sharpen-edge',
                'sharpen-edge',
                'sharpen-edge',
                'test-reference',
            ])
            ->assertJsonPath('chores.6.why', 'It has not been tested since it fell.')
            ->assertJsonPath('minutes', 21);
    }

    public function test_pulse_counts_every_write(): void
    {
        $before = $this->ask('GET', '/api/pulse')->json('revision');
        $this->ask('POST', self::referencePath('200 mm try square').'/drops', ['version' => 1])->assertOk();

        self::assertSame($before + 1, $this->ask('GET', '/api/pulse')->json('revision'));
    }

    public function test_the_unit_is_kept_for_the_user_and_turns_every_figure(): void
    {
        $this->ask('PUT', '/api/preferences', ['unit' => 'inch'])
            ->assertOk()
            ->assertJsonPath('unit', 'inch');
        $this->ask('GET', '/api/bench')->assertJsonPath('work.labels.height', '9 29/64 in');
        $this->ask('GET', self::referencePath('200 mm try square'))
            ->assertJsonPath('history.tolerance', '3.9 thou')
            ->assertJsonPath('asks.0.field.typed', '7.874');
    }

    public function test_a_unit_nobody_knows_is_refused_beside_its_field(): void
    {
        $this->ask('PUT', '/api/preferences', ['unit' => 'cubit'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'unit');
    }

    public function test_search_finds_edges_squares_tools_and_diary(): void
    {
        $kinds = array_unique($this->ask('GET', '/api/search?q=12 mm chisel')->assertOk()->json('hits.*.kind'));
        self::assertSame(['edge', 'tool', 'diary'], array_values($kinds));
        $this->ask('GET', '/api/search?q=')->assertJsonPath('hits', []);
    }

    public function test_search_finds_stones_and_guides(): void
    {
        $this->ask('GET', '/api/search?q=8000 stone')
            ->assertJsonPath('hits.0.kind', 'stone')
            ->assertJsonPath('hits.0.id', Stone::of(self::bench())->where('name', '8000 stone')->firstOrFail()->id);
        $this->ask('GET', '/api/search?q=guide irons')->assertJsonPath(
            'hits.0.says',
            'side-clamping guide for plane irons',
        );
    }

    public function test_search_finds_a_look_over_until_it_is_bought(): void
    {
        $open = LookOver::of(self::bench())->where('name', 'plough plane, beech, eight irons')->firstOrFail();
        $this->ask('GET', '/api/search?q=eight irons')
            ->assertJsonPath('hits.0.kind', 'look-over')
            ->assertJsonPath('hits.0.id', $open->id);
        $bought = LookOver::of(self::bench())->whereNotNull('tool_id')->firstOrFail();
        self::assertNotContains(
            'look-over',
            (array) $this->ask('GET', "/api/search?q={$bought->name}")->json('hits.*.kind'),
        );
    }

    public function test_health_answers(): void
    {
        $this->ask('GET', '/up')->assertOk()->assertJsonPath('status', 'up');
    }

    public function test_an_arrow_key_steps_by_the_instrument(): void
    {
        $this->ask('POST', '/api/readings/step', ['typed' => '0.32', 'stepMm' => 0.05, 'steps' => 1])->assertJsonPath(
            'typed',
            '0.37',
        );
        $vague = 'three or so';
        $this->ask('POST', '/api/readings/step', ['typed' => $vague, 'stepMm' => 0.05, 'steps' => 1])
            ->assertJsonPath('typed', $vague);
    }

    /** The page for the wall: what is due, what comes, what to get, each with a box to tick. */
    public function test_the_week_prints_on_one_page(): void
    {
        $svg = (string) $this->get('/api/bench/card.svg')
            ->assertOk()
            ->assertHeader('Content-Type', 'image/svg+xml')
            ->getContent();
        foreach (
            [
                'Before the hive bodies',
                'Hone the 12 mm chisel.',
                'Test the 200 mm try square.',
                'When there is a minute',
                'To get next',
                'Rebate plane, 30 mm iron, beech.',
                '€ 65',
            ] as $words
        ) {
            self::assertStringContainsString($words, $svg);
        }
        $pdf = (string) $this->get('/api/bench/card.pdf')->assertOk()->getContent();
        self::assertStringStartsWith('%PDF', $pdf);
        self::assertSame(1, substr_count($pdf, '/Type /Page'."\n"));
    }
}
