<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Edge\Edge;
use App\Stone\Stone;

final class DayTest extends HttpTestCase
{
    /** @return list<int> */
    private static function due(): array
    {
        return array_values(
            Edge::of(self::bench())->where('condition', '!=', Edge::SHARP)->pluck('id')->map(intval(...))->all(),
        );
    }

    public function test_each_stone_is_fetched_once_and_time_is_saved(): void
    {
        $day = $this->ask('POST', '/api/day', ['edges' => self::due()])
            ->assertOk()
            ->json();
        $stones = array_column($day['rounds'], 'stone');
        self::assertSame($stones, array_values(array_unique($stones)));
        self::assertGreaterThan(30, $day['savesSeconds']);
        self::assertCount(4, array_filter($day['edges'], static fn (array $edge): bool => $edge['chosen']));
        self::assertStringStartsWith('4 edges over ', $day['next']['says']);
    }

    public function test_where_nothing_was_chosen_yet_it_takes_what_is_due(): void
    {
        $day = $this->ask('POST', '/api/day')->assertOk()->json();
        self::assertEqualsCanonicalizing(
            self::due(),
            array_column(array_filter($day['edges'], static fn (array $edge): bool => $edge['chosen']), 'id'),
        );
    }

    public function test_without_a_stone_it_says_what_is_wanted_first(): void
    {
        Stone::of(self::bench())->delete();
        $this->ask('POST', '/api/day', ['edges' => self::due()])
            ->assertOk()
            ->assertJsonPath('next.says', 'There is no stone in your rack yet.')
            ->assertJsonPath('rackIsEmpty', true)
            ->assertJsonPath('rounds', []);
    }

    public function test_with_none_chosen_it_asks(): void
    {
        $this->ask('POST', '/api/day', ['edges' => []])
            ->assertJsonPath('next.says', 'Choose the edges for the day.')
            ->assertJsonPath('rounds', []);
        $this->ask('POST', '/api/day/sessions', ['edges' => []])->assertStatus(422);
        $this->ask('POST', '/api/day', ['edges' => [99999]])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'edges');
    }

    public function test_a_nicked_edge_that_is_not_measured_stays_out(): void
    {
        $edge = Edge::of(self::bench())->where('name', '6 mm chisel')->firstOrFail();
        $edge->update(['condition' => 'nicked']);
        $day = $this->ask('POST', '/api/day', ['edges' => [...self::due()]])->json();
        $row = array_column($day['edges'], null, 'id')[$edge->id];
        self::assertTrue($row['left']);
        self::assertSame('Type how deep the nick is: the edge must go back that far.', $row['says']);
    }

    public function test_bench_mode_runs_the_batch_and_makes_every_edge_sharp(): void
    {
        $session = $this->ask('POST', '/api/day/sessions', ['edges' => self::due()])
            ->assertCreated()
            ->assertJsonPath('title', 'sharpening day')
            ->json();
        // The demo's guide was measured at 30 mm for 30° with chisels, and at 38 mm with irons.
        $hands = $this->ask('GET', "/api/sessions/{$session['id']}/hands")->assertOk()->json('steps');
        self::assertCount(count($session['steps']), $hands);
        $guided = array_filter($hands, static fn (array $step): bool => isset($step['projection']));
        self::assertNotSame([], $guided);
        foreach ($guided as $step) {
            if ($step['angle'] === '30°') {
                self::assertContains($step['projection'], ['30 mm', '38 mm']);
            }
            self::assertEqualsWithDelta((float) $step['angle'], $step['angleDeg'], 0.05);
        }
        $last = count($session['steps']) - 1;
        $saved = $this->ask('PUT', "/api/sessions/{$session['id']}", [
            'version' => 1,
            'atStep' => $last,
            'phase' => 'check',
            'counted' => array_column($session['steps'], 'count'),
        ])->json();
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", [
            'version' => $saved['version'],
            'outcome' => 'done',
        ])->assertJsonPath('state', 'finished');
        self::assertSame([], self::due());
        $this->ask('GET', '/api/diary')->assertJsonPath('entries.0.sentence', 'Sharpening day: 4 edges sharp.');
    }

    /** Stopped in the middle: whoever had its last stone is sharp, the others stay on the list. */
    public function test_a_day_stopped_keeps_what_is_done(): void
    {
        $session = $this->ask('POST', '/api/day/sessions', ['edges' => self::due()])->json();
        $ends = [];
        foreach ($session['steps'] as $index => $step) {
            $ends[$step['beside']] = $index;
        }
        $first = min([INF, ...array_values($ends)]);
        $saved = $this->ask('PUT', "/api/sessions/{$session['id']}", [
            'version' => 1,
            'atStep' => (int) $first + 1,
            'phase' => 'fetch',
            'counted' => array_column($session['steps'], 'count'),
        ])->json();
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", [
            'version' => $saved['version'],
            'outcome' => 'stopped',
        ])->assertOk();
        self::assertCount(3, self::due());
    }

    public function test_edges_of_a_running_day_are_not_offered_again_on_the_bench(): void
    {
        $this->ask('POST', '/api/day/sessions', ['edges' => self::due()])->assertCreated();
        $kinds = $this->ask('GET', '/api/bench')->json('chores.*.kind');
        self::assertContains('finish-session', $kinds);
        self::assertNotContains('sharpen-edge', $kinds);
    }
}
