<?php

declare(strict_types=1);

namespace Tests\Http;

final class ThreeEdgesTest extends HttpTestCase
{
    /** @return array<string, mixed> */
    private function form(string $bc = '0.25'): array
    {
        $at = ['0', '450', '900'];
        $gaps = [['0.1', '0.1', '0.1'], ['0.2', '0.3', '0'], ['0.1', '0.1', '0.1']];
        $rows = array_map(
            static fn (string $place, array $row): array => [
                'at' => $place,
                'ab' => $row[0],
                'bc' => $row[1],
                'ca' => $row[2],
                'abTurned' => '',
            ],
            $at,
            $gaps,
        );
        $rows[1]['bc'] = $bc;

        return [
            ...$this->ask('GET', '/api/three-edges')->assertOk()->json('typed'),
            'instrument' => 'caliper',
            'rows' => $rows,
        ];
    }

    public function test_it_begins_with_places_and_no_gap(): void
    {
        $this->ask('GET', '/api/three-edges')->assertJsonCount(5, 'typed.rows')->assertJsonPath('typed.rows.0.ab', '');
        $this->ask('POST', '/api/three-edges/preview', $this->ask('GET', '/api/three-edges')->json('typed'))
            ->assertOk()
            ->assertJsonPath('edges', []);
    }

    public function test_three_pairs_tell_three_edges(): void
    {
        $preview = $this->ask('POST', '/api/three-edges/preview', $this->form('0.3'))->assertOk()->json();
        self::assertSame(['first', 'second', 'third'], array_column($preview['edges'], 'name'));
        self::assertEqualsWithDelta([0.2, 0, 0.2], $preview['edges'][1]['removeMm'], 1e-9);
        self::assertSame(
            ['outside', 'outside'],
            [$preview['edges'][0]['verdict'] === 'within' ? 'within' : 'outside', $preview['edges'][1]['verdict']],
        );
        self::assertStringStartsWith('Plane the second edge:', $preview['next']['says']);
    }

    public function test_a_wrong_figure_stands_beside_its_field(): void
    {
        self::assertNotNull(
            $this->ask('POST', '/api/three-edges/preview', $this->form('300'))->assertOk()->json('rows.1.bc.error'),
        );
        $this->ask('POST', '/api/three-edges/preview', [...$this->form(), 'instrument' => 'eye'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'instrument');
    }

    /** @return array{int, int} two straightedges on the list */
    private function straightedges(): array
    {
        $ids = array_column($this->ask('GET', '/api/three-edges')->json('straightedges'), 'id');
        if (count($ids) < 2) {
            $this->ask('POST', '/api/tools', [
                'kind' => 'straightedge', 'figures' => ['length' => '900'], 'name' => 'second straightedge',
                'status' => 'owned', 'price' => '',
            ])->assertStatus(201);
            $ids = array_column($this->ask('GET', '/api/three-edges')->json('straightedges'), 'id');
        }
        self::assertGreaterThanOrEqual(2, count($ids));

        return [$ids[0], $ids[1]];
    }

    public function test_those_on_the_list_get_a_test_each(): void
    {
        [$one, $other] = $this->straightedges();
        $form = [...$this->form('0.3'), 'references' => [$one, 0, $other]];
        $this->ask('POST', '/api/three-edges/preview', $form)
            ->assertJsonPath('canRecord', true)
            ->assertJsonPath('work', null);
        $before = count($this->ask('GET', "/api/references/$one")->json('history.tests'));
        $this->ask('POST', '/api/three-edges/tests', $form)->assertStatus(201);
        $tests = $this->ask('GET', "/api/references/$one")->json('history.tests');
        self::assertCount($before + 1, $tests);
        self::assertSame('as one of three', $tests[$before]['found']);
        self::assertNotSame([], $this->ask('GET', "/api/references/$other")->json('history.tests'));
        $entry = $this->ask('GET', '/api/diary')->json('entries.0');
        self::assertStringStartsWith('Tested three edges against each other:', $entry['sentence']);
        $this->ask('POST', "/api/diary/{$entry['id']}/undo")->assertStatus(201);
        self::assertCount($before, $this->ask('GET', "/api/references/$one")->json('history.tests'));
    }

    public function test_the_worst_of_them_is_planed_in_bench_mode(): void
    {
        [$one] = $this->straightedges();
        $form = [...$this->form('0.3'), 'references' => [0, $one, 0]];
        $this->ask('POST', '/api/three-edges/preview', $form)->assertJsonPath('work', 'plane');
        $session = $this->ask('POST', '/api/three-edges/sessions', $form)->assertStatus(201)->json();
        self::assertSame('planing', $session['kind']);
        $counted = array_column($session['steps'], 'count');
        $this->ask('PUT', "/api/sessions/{$session['id']}", [
            'version' => $session['version'],
            'atStep' => count($counted) - 1,
            'phase' => 'check',
            'counted' => $counted,
        ])->assertOk();
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", [
            'version' => $session['version'] + 1,
            'outcome' => 'done',
        ])->assertOk();
        $history = $this->ask('GET', "/api/references/$one")->json('history');
        self::assertNotNull($history['tests'][count($history['tests']) - 1]['taken']);
        self::assertSame('It was planed and not tested again.', $history['due']);
    }

    public function test_one_straightedge_is_not_two_edges_and_none_is_not_written_down(): void
    {
        [$one] = $this->straightedges();
        foreach ([[$one, $one, 0], [0, 0, 0]] as $references) {
            $this->ask('POST', '/api/three-edges/tests', [...$this->form('0.3'), 'references' => $references])
                ->assertStatus(422)
                ->assertJsonPath('errors.0.field', 'references');
        }
        $this->ask('POST', '/api/three-edges/tests', [...$this->form('wide'), 'references' => [$one, 0, 0]])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'rows');
        $this->ask('POST', '/api/three-edges/sessions', [...$this->form('0.3'), 'references' => [$one, 0, 0]])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.message', 'Say which straightedge the worst of them is.');
    }
}
