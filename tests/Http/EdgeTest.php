<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Edge\Edge;
use Illuminate\Support\Facades\DB;

final class EdgeTest extends HttpTestCase
{
    private const SHEET = [
        'bevelLength' => '',
        'thickness' => '',
        'give' => '',
        'nickDepth' => '',
        'backLength' => '',
        'outOfFlat' => '',
        'newAngle' => '',
        'relief' => '',
        'stopUm' => '',
        'condition' => 'dull',
    ];

    private static function chisel(): Edge
    {
        return Edge::of(self::bench())->where('name', '12 mm chisel')->firstOrFail();
    }

    private static function path(string $rest = ''): string
    {
        return '/api/edges/'.self::chisel()->id.$rest;
    }

    public function test_edges_are_listed_worst_first(): void
    {
        $this->ask('GET', '/api/edges')->assertJsonPath('edges.*.condition', [
            'dull',
            'dull',
            'touch-up',
            'touch-up',
            ...array_fill(0, 8, 'sharp'),
        ]);
    }

    public function test_the_plan_names_stones_out_of_those_owned(): void
    {
        $this->ask('POST', self::path('/plan'), self::SHEET)
            ->assertJsonPath('steps.*.stone', ['1000 stone', '8000 stone'])
            ->assertJsonPath('next.says', '3 strokes on the 1000 stone, then 6 on the 8000 stone.')
            ->assertJsonCount(3, 'skipped');
    }

    public function test_a_measured_bevel_shows_its_angle_and_can_be_kept(): void
    {
        $form = [...self::SHEET, 'bevelLength' => '6,8', 'thickness' => '3.4', 'give' => '0.1'];
        $this->ask('POST', self::path('/plan'), $form)
            ->assertJsonPath('angle.text', '30.0°')
            ->assertJsonPath('angle.give', '± 1.1°');
        $this->ask('POST', self::path('/bevel'), [...$form, 'version' => 1])
            ->assertOk()
            ->assertJsonPath('diary.0.sentence', 'Bevel of the 12 mm chisel measured: 30.0° ± 1.1°.');
        self::assertEqualsWithDelta(30, self::chisel()->primary_deg, 1e-9);
    }

    public function test_bad_figures_are_told_beside_their_field(): void
    {
        $this->ask('POST', self::path('/plan'), [...self::SHEET, 'bevelLength' => '1/0'])
            ->assertOk()
            ->assertJsonPath('angle', null)
            ->assertJsonPath(
                'readings.bevelLength.error',
                '“1/0” divides by zero. A fraction needs a number under its line, such as 1/8.',
            );
    }

    public function test_nothing_measured_keeps_no_angle(): void
    {
        $this->ask('POST', self::path('/bevel'), [...self::SHEET, 'version' => 1])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'bevelLength');
    }

    public function test_a_condition_can_be_noted_alone(): void
    {
        $this->ask('POST', self::path('/condition'), [
            ...self::SHEET,
            'condition' => 'touch-up',
            'version' => 1,
        ])->assertJsonPath('edge.condition', 'touch-up');
    }

    public function test_a_session_walks_the_stones_and_writes_the_diary(): void
    {
        $session = $this->ask('POST', self::path('/sessions'), [...self::SHEET, 'version' => 1])
            ->assertCreated()
            ->json();
        $saved = $this->ask('PUT', "/api/sessions/{$session['id']}", [
            'version' => $session['version'],
            'atStep' => 1,
            'phase' => 'check',
            'counted' => [5, 7],
        ])
            ->assertOk()
            ->json();
        $this->ask('GET', "/api/sessions/{$session['id']}")
            ->assertJsonPath('atStep', 1)
            ->assertJsonPath('counted', [5, 7]);
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", [
            'version' => $saved['version'],
            'outcome' => 'done',
        ])->assertJsonPath('state', 'finished');

        self::assertSame('sharp', self::chisel()->condition);
        self::assertEqualsWithDelta(0.7455, self::chisel()->micro_width_mm, 1e-4);
        $this->ask('GET', '/api/diary')->assertJsonPath(
            'entries.0.sentence',
            'Honed the 12 mm chisel: 5 strokes on the 1000 stone, 7 strokes on the 8000 stone.',
        );
    }

    public function test_a_session_left_in_the_middle_waits_on_the_bench(): void
    {
        $this->ask('POST', self::path('/sessions'), [...self::SHEET, 'version' => 1])->assertCreated();
        self::assertContains('finish-session', $this->ask('GET', '/api/bench')->json('chores.*.kind'));
        self::assertNotNull($this->ask('GET', self::path())->json('running'));
    }

    public function test_a_session_stopped_leaves_the_edge_as_it_was(): void
    {
        $session = $this->ask('POST', self::path('/sessions'), [...self::SHEET, 'version' => 1])->json();
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", [
            'version' => $session['version'],
            'outcome' => 'stopped',
        ])->assertJsonPath('state', 'stopped');
        self::assertSame('dull', self::chisel()->condition);
        $this->ask('PUT', "/api/sessions/{$session['id']}", [
            'version' => $session['version'] + 1,
            'atStep' => 0,
            'phase' => 'fetch',
            'counted' => [0, 0],
        ])->assertStatus(409);
    }

    public function test_two_windows_on_one_session_do_not_overwrite_each_other(): void
    {
        $session = $this->ask('POST', self::path('/sessions'), [...self::SHEET, 'version' => 1])->json();
        $tap = ['version' => $session['version'], 'atStep' => 0, 'phase' => 'stroke', 'counted' => [1, 0]];
        $this->ask('PUT', "/api/sessions/{$session['id']}", $tap)->assertOk();
        $this->ask('PUT', "/api/sessions/{$session['id']}", [...$tap, 'counted' => [9, 0]])->assertStatus(409);
    }

    public function test_a_sharp_edge_starts_no_session(): void
    {
        $this->ask('POST', self::path('/sessions'), [...self::SHEET, 'condition' => 'sharp', 'version' => 1])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'condition');
    }

    public function test_an_edge_of_no_bench_is_not_found(): void
    {
        $this->ask('GET', '/api/edges/999')->assertNotFound();
    }

    /** Two irons of one name have each a history of its own, and a new name takes nothing away. */
    public function test_its_diary_is_its_own_whatever_it_is_called(): void
    {
        [$one, $other] = Edge::of(self::bench())->orderBy('id')->limit(2)->get()->all();
        DB::table('edges')
            ->where('id', $other->id)
            ->update(['name' => $one->name]);
        $before = count($this->ask('GET', "/api/edges/{$other->id}")->json('diary'));
        $this->ask('POST', "/api/edges/{$one->id}/events", [
            ...array_fill_keys(['day', 'wood', 'strokes', 'found', 'stone', 'deg', 'note'], ''),
            'kind' => 'used',
            'minutes' => '20',
            'version' => $one->version,
        ])->assertStatus(201);
        self::assertCount($before, $this->ask('GET', "/api/edges/{$other->id}")->json('diary'));
        $said = $this->ask('GET', "/api/edges/{$one->id}")->json('diary.0.sentence');
        self::assertStringStartsWith('Used the ', $said);
        DB::table('edges')
            ->where('id', $one->id)
            ->update(['name' => 'renamed iron']);
        self::assertSame($said, $this->ask('GET', "/api/edges/{$one->id}")->json('diary.0.sentence'));
        $entry = $this->ask('GET', "/api/edges/{$one->id}")->json('diary.0.id');
        $this->ask('POST', "/api/diary/$entry/undo")->assertStatus(201);
        self::assertStringStartsWith(
            'Undone: Used the ',
            $this->ask('GET', "/api/edges/{$one->id}")->json('diary.0.sentence'),
        );
    }
}
