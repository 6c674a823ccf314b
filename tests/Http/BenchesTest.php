<?php

declare(strict_types=1);

namespace Tests\Http;

final class BenchesTest extends HttpTestCase
{
    public function test_the_demo_stands_alone_at_first(): void
    {
        $this->ask('GET', '/api/benches')
            ->assertOk()
            ->assertJsonCount(1, 'benches')
            ->assertJsonPath('benches.0.name', 'Orchard Row')
            ->assertJsonPath('benches.0.isHere', true)
            ->assertJsonPath('benches.0.tools', 46);
    }

    public function test_an_empty_bench_is_begun_and_left_again_and_both_stay_as_they_are(): void
    {
        $before = $this->ask('GET', '/api/kit')->json('board');
        $this->ask('POST', '/api/benches', ['name' => ' Shed '])
            ->assertCreated()
            ->assertJsonPath('benches.0.name', 'Shed')
            ->assertJsonPath('benches.0.isHere', true)
            ->assertJsonPath('benches.0.tools', 0);
        $this->ask('GET', '/api/kit')->assertJsonPath('board', [])->assertJsonPath('works', []);
        $this->ask('GET', '/api/pulse')->assertJsonPath('bench', 'Shed');
        $this->ask('POST', '/api/tools', [
            'kind' => 'mallet', 'figures' => (object) [], 'name' => '', 'status' => 'owned', 'price' => '',
        ])->assertCreated();
        $orchard = $this->ask('GET', '/api/benches')->json('benches.1.id');
        $this->ask('POST', "/api/benches/$orchard/enter")->assertOk()->assertJsonPath('benches.0.name', 'Orchard Row');
        self::assertSame($before, $this->ask('GET', '/api/kit')->json('board'));
        $shed = $this->ask('GET', '/api/benches')->json('benches.1');
        self::assertSame(['Shed', 1], [$shed['name'], $shed['tools']]);
    }

    public function test_a_name_is_wanted_and_is_there_once(): void
    {
        $wrong = ['' => 'Give the bench a name.', 'Orchard Row' => 'There is a bench of that name already.'];
        foreach ($wrong as $name => $why) {
            $this->ask('POST', '/api/benches', ['name' => $name])
                ->assertStatus(422)
                ->assertJsonPath('errors.0.field', 'name')
                ->assertJsonPath('errors.0.message', $why);
        }
        $this->ask('GET', '/api/benches')->assertJsonCount(1, 'benches');
    }

    public function test_a_bench_that_is_not_there_is_not_found(): void
    {
        $this->ask('POST', '/api/benches/4711/enter')->assertNotFound();
    }
}
