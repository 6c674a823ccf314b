<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Reference\Reference;

final class WindingTest extends HttpTestCase
{
    private const SHEET = [
        'boardWidth' => '150',
        'stickLength' => '450',
        'turned' => '',
        'shaving' => '0.1',
        'tolerance' => '0.3',
        'board' => 0,
        'rows' => [['at' => '600', 'reading' => '3']],
    ];

    public function test_it_begins_with_the_users_own_sticks(): void
    {
        $this->ask('GET', '/api/winding')
            ->assertOk()
            ->assertJsonPath('sticks', 'winding sticks, 450 mm, pine and walnut')
            ->assertJsonPath('typed.stickLength', '450');
    }

    public function test_a_twist_is_shown_where_it_is_to_come_off(): void
    {
        $result = $this->ask('POST', '/api/winding/preview', self::SHEET)
            ->assertOk()
            ->assertJsonPath('result.twist', '1.00 mm')
            ->json('result');
        self::assertEqualsWithDelta([0.5, 0, 0, 0.5], array_column($result['corners'], 'removeMm'), 1e-6);
        self::assertSame(['3', null], [$result['magnification'], $result['stickError']]);
    }

    public function test_a_wrong_figure_stands_beside_its_field(): void
    {
        $preview = $this->ask('POST', '/api/winding/preview', [
            ...self::SHEET,
            'boardWidth' => 'wide',
            'rows' => [['at' => '600', 'reading' => '300']],
        ])
            ->assertOk()
            ->assertJsonPath('result', null)
            ->json();
        self::assertNotNull($preview['readings']['boardWidth']['error']);
        self::assertNotNull($preview['rows'][0]['reading']['error']);
    }

    public function test_inches_are_answered_in_inches(): void
    {
        $this->ask('PUT', '/api/preferences', ['unit' => 'inch'])->assertOk();
        $this->ask('POST', '/api/winding/preview', [
            ...self::SHEET,
            'boardWidth' => '6',
            'stickLength' => '18',
            'shaving' => '4 thou',
            'tolerance' => '0.01',
            'rows' => [['at' => '24', 'reading' => '0.12']],
        ])
            ->assertOk()
            ->assertJsonPath('result.twist', '40.0 thou');
    }

    public function test_a_board_on_the_list_gets_a_test_and_its_corners_are_planed(): void
    {
        $board = $this->ask('POST', '/api/references', ['kind' => 'board', 'name' => 'hive floor'])->json('id');
        $form = [...self::SHEET, 'board' => $board];
        self::assertContains('hive floor', array_column($this->ask('GET', '/api/winding')->json('boards'), 'name'));
        $this->ask('POST', '/api/winding/preview', $form)
            ->assertOk()
            ->assertJsonPath('canRecord', true)
            ->assertJsonPath('work', 'plane')
            ->assertJsonPath('next.takeOff', true);
        $session = $this->ask('POST', '/api/winding/sessions', $form)
            ->assertStatus(201)
            ->assertJsonPath('kind', 'planing')
            ->assertJsonPath('steps.0.title', '5 shavings off the near left, along the diagonal')
            ->json();
        $this->ask('PUT', "/api/sessions/{$session['id']}", [
            'version' => $session['version'],
            'atStep' => 1,
            'phase' => 'check',
            'counted' => [5, 5],
        ])->assertOk();
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", [
            'version' => $session['version'] + 1,
            'outcome' => 'done',
        ])->assertOk();
        $this->ask('GET', "/api/references/$board")
            ->assertJsonPath('history.tests.0.error', '1.00 mm')
            ->assertJsonPath('history.tests.0.series', 'wind')
            ->assertJsonPath('history.tests.0.taken', '10 strokes taken')
            ->assertJsonPath('history.due', 'It was planed and not tested again.');
        $this->ask('POST', '/api/winding/tests', [
            ...$form,
            'rows' => [['at' => '600', 'reading' => '0.1']],
        ])->assertStatus(201);
        $this->ask('GET', "/api/references/$board")->assertJsonPath('history.due', null);
        self::assertStringStartsWith(
            'Sighted for wind: hive floor 0.03 mm ±',
            $this->ask('GET', '/api/diary')->json('entries.0.sentence'),
        );
    }

    /** Also the board can have been the wrong one: its test goes, the right one has it, of the same moment. */
    public function test_a_sighting_is_corrected_and_leads_to_its_board(): void
    {
        $boards = [];
        foreach (['hive floor', 'hive lid'] as $name) {
            $boards[] = $this->ask('POST', '/api/references', ['kind' => 'board', 'name' => $name])->json('id');
        }
        $this->ask('POST', '/api/winding/tests', [...self::SHEET, 'board' => $boards[0]])->assertCreated();
        $written = $this->ask('GET', "/api/references/{$boards[0]}")->json('history.tests.0.written');
        self::assertSame(['board-sighted', true, false], [
            $written['kind'], $written['correctable'], $written['isJoint'],
        ]);
        $this->ask('GET', "/api/diary/{$written['entry']}")
            ->assertJsonPath('about', ['kind' => 'reference', 'id' => $boards[0]]);

        $this->withHeader('X-Corrects', (string) $written['entry']);
        $this->ask('POST', '/api/winding/tests', [...self::SHEET, 'board' => $boards[1]])->assertCreated();
        $this->ask('GET', "/api/references/{$boards[0]}")->assertJsonPath('history.tests', []);
        $this->ask('GET', "/api/references/{$boards[1]}")->assertJsonCount(1, 'history.tests');
        $this->ask('GET', "/api/diary/{$written['entry']}")->assertJsonPath('undone', true);
    }

    public function test_sticks_that_were_tested_make_it_surer(): void
    {
        $next = static fn (array $preview): string => $preview['next']['says'];
        $form = [...self::SHEET, 'tolerance' => '0.3', 'rows' => [['at' => '600', 'reading' => '0.5']]];
        Reference::of($this->bench())->where('kind', 'sticks')->get()->each->delete();
        self::assertStringStartsWith(
            'Can’t tell yet',
            $next($this->ask('POST', '/api/winding/preview', $form)->json()),
        );
        $sticks = $this->ask('POST', '/api/references', ['kind' => 'sticks', 'name' => 'long sticks'])->json();
        $this->ask('POST', "/api/references/{$sticks['id']}/tests", [
            'figures' => [
                'length' => '450',
                'boardWidth' => '150',
                'reading' => '1',
                'turned' => '1',
                'nearTurned' => '1',
                'shaving' => '0.05',
                'tolerance' => '0.2',
            ],
            'lists' => [],
            'choices' => [],
            'instrument' => 'loupe',
            'version' => $sticks['version'],
        ])->assertStatus(201);
        self::assertStringStartsWith('Leave it', $next($this->ask('POST', '/api/winding/preview', $form)->json()));
    }

    public function test_what_is_not_on_the_list_is_not_written_down(): void
    {
        $before = $this->ask('GET', '/api/diary')->json('entries.0.id');
        $this->ask('POST', '/api/winding/tests', self::SHEET)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'board');
        $board = $this->ask('POST', '/api/references', ['kind' => 'board', 'name' => 'hive floor'])->json('id');
        $this->ask('POST', '/api/winding/tests', [...self::SHEET, 'board' => $board, 'boardWidth' => 'wide'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'rows');
        $this->ask('POST', '/api/winding/sessions', [...self::SHEET, 'board' => $board, 'shaving' => ''])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'tolerance');
        self::assertSame($before + 1, $this->ask('GET', '/api/diary')->json('entries.0.id'), 'the board alone');
    }
}
