<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Reference\Reference;
use Illuminate\Support\Facades\Http;
use JackRest\Core\Truing\Flat\Grid;

/** Winding sticks, templates and flat things: tested, kept, worked down, tested again. */
final class ReferenceTest extends HttpTestCase
{
    private const STICKS = ['length' => '450', 'boardWidth' => '150', 'shaving' => '0.05', 'tolerance' => '0.3'];

    private static function named(string $name): Reference
    {
        return Reference::of(self::bench())->where('name', $name)->firstOrFail();
    }

    /**
     * @param  array<string, string>  $figures
     * @param  list<array{id: string, typed: list<string>}>  $lines
     * @return array<string, mixed>
     */
    private static function form(array $figures, array $lines = [], string $instrument = 'caliper'): array
    {
        return ['figures' => $figures, 'lists' => $lines, 'choices' => (object) [], 'instrument' => $instrument];
    }

    /**
     * A surface that is hollow along its middle: every gap that crosses it.
     *
     * @return list<array{id: string, typed: list<string>}>
     */
    private static function hollow(string $gap, float $lengthMm = 355, float $widthMm = 60): array
    {
        return array_map(
            static fn ($line): array => [
                'id' => $line->id,
                'typed' => array_map(
                    static fn (int $node): string => in_array($node, [4, 7, 10], true) &&
                    ! str_starts_with($line->id, 'along-1')
                        ? $gap
                        : '0',
                    $line->nodes,
                ),
            ],
            (new Grid($lengthMm, $widthMm))->lines(),
        );
    }

    public function test_every_reference_is_on_one_list_with_its_next_check(): void
    {
        /**
         * @var list<array{name: string, nextCheckOn: string|null, outline: array{form: string}, trail: list<mixed>}>
         * $all
         */
        $all = $this->ask('GET', '/api/references')->assertOk()->json('references');
        $listed = array_column($all, null, 'name');
        self::assertSame(
            ['square', 'straightedge', 'slope', 'sticks', 'sole', 'board'],
            array_values(array_unique(array_column(array_column($all, 'outline'), 'form'))),
        );
        self::assertNotNull($listed['900 mm straightedge']['nextCheckOn']);
        self::assertNull($listed['200 mm try square']['nextCheckOn']);
        self::assertCount(4, $listed['450 mm winding sticks']['trail']);
    }

    /** Turned end for end the reading falls from 1.5 to 0.5: the stick is out by half of 1 mm, ten shavings of 0.05. */
    public function test_winding_sticks_are_tested_corrected_and_kept(): void
    {
        $sticks = self::named('450 mm winding sticks');
        $form = self::form([...self::STICKS, 'reading' => '1.5', 'turned' => '0.5']);
        $this->ask('POST', "/api/references/{$sticks->id}/preview", $form)
            ->assertOk()
            ->assertJsonPath('answer.error', '0.50 mm')
            ->assertJsonPath('answer.verdict', 'outside')
            ->assertJsonPath(
                'next.says',
                'Take 10 shavings off the right end of the far stick, as it lay first, running out to nothing at the '
                    .'other. Then test again.',
            );
        $page = $this->ask('POST', "/api/references/{$sticks->id}/tests", [...$form, 'version' => 1, 'planed' => true])
            ->assertCreated()
            ->assertJsonPath('history.tests.4.taken', '10 shavings off the right end of the far stick')
            ->assertJsonPath('history.due', 'It was planed and not tested again.');
        $this->ask('GET', '/api/bench')->assertJsonFragment([
            'says' => 'Test the 450 mm winding sticks.',
            'about' => ['kind' => 'reference', 'id' => $sticks->id],
        ]);
        $this->ask('POST', "/api/references/{$sticks->id}/tests", [
            ...self::form([...self::STICKS, 'reading' => '1', 'turned' => '1']),
            'version' => $page->json('version'),
            'planed' => false,
        ])
            ->assertCreated()
            ->assertJsonPath('history.due', null);
    }

    public function test_what_was_typed_stays_for_the_next_test_but_for_the_readings(): void
    {
        $template = self::named('1:7 dovetail template');
        $figures = [
            'rise' => '10.05',
            'turned' => '10.05',
            'run' => '70',
            'nominal' => '1:7',
            'thickness' => '18',
            'joints' => '5',
            'tolerance' => '0.2',
        ];
        $page = $this->ask('POST', "/api/references/{$template->id}/tests", [
            ...self::form($figures),
            'version' => 1,
            'planed' => false,
        ])->assertCreated();
        self::assertSame(['', '', '70', '7', '18', '5', '0.2'], $page->json('asks.*.field.typed'));
        $page->assertJsonPath('history.tests.2.found', 'slopes 1 in 6.97')->assertJsonPath('history.toleranceMm', 0.2);
    }

    public function test_a_flat_thing_asks_for_its_diagonals_first_and_then_tells(): void
    {
        $sole = self::named('sole of the jack plane');
        $figures = ['length' => '355', 'width' => '60', 'along' => '5', 'across' => '3', 'tolerance' => '0.05'];
        $this->ask('POST', "/api/references/{$sole->id}/preview", self::form($figures))
            ->assertOk()
            ->assertJsonPath('answer', null)
            ->assertJsonPath('nextLine', 'diagonal-0')
            ->assertJsonCount(10, 'lists');
        $preview = $this->ask('POST', "/api/references/{$sole->id}/preview", self::form($figures, self::hollow('0.1')))
            ->assertOk()
            ->assertJsonPath('answer.verdict', 'outside')
            ->json();
        self::assertStringContainsString('hollow', $preview['answer']['standing']);
        self::assertStringStartsWith('Take ', $preview['next']['says']);
        $this->ask('POST', "/api/references/{$sole->id}/tests", [
            ...self::form($figures, self::hollow('0.1')),
            'version' => 1,
            'planed' => false,
        ])
            ->assertCreated()
            ->assertJsonPath('history.tests.3.found', 'hollow');
    }

    /** Nobody planes an iron sole: it is rubbed over paper, ten strokes, and tested again. */
    public function test_iron_is_rubbed_in_bench_mode_and_wood_is_planed(): void
    {
        $sole = self::named('sole of the jack plane');
        $figures = ['length' => '355', 'width' => '60', 'along' => '5', 'across' => '3', 'tolerance' => '0.05'];
        $form = self::form($figures, self::hollow('0.1'));
        $this->ask('POST', "/api/references/{$sole->id}/preview", $form)->assertJsonPath('work', 'rub');
        $session = $this->ask('POST', "/api/references/{$sole->id}/sessions", [...$form, 'version' => 1])
            ->assertCreated()
            ->assertJsonPath('steps.0.kind', 'rub')
            ->assertJsonPath('steps.0.count', 10)
            ->json();
        self::assertStringStartsWith('Iron backed off', $session['caution']);
        self::assertContains(
            'Go on rubbing the sole of the jack plane.',
            $this->ask('GET', '/api/bench')->json('chores.*.says'),
        );
        $counted = ['version' => 1, 'atStep' => 0, 'phase' => 'stroke', 'counted' => [10]];
        $this->ask('PUT', "/api/sessions/{$session['id']}", $counted)->assertOk();
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", ['version' => 2, 'outcome' => 'done'])->assertOk();
        $this->ask('GET', '/api/diary')->assertJsonPath(
            'entries.0.sentence',
            'Rubbed 10 strokes off the sole of the jack plane. Test it again.',
        );
        $board = self::named('bed of the shooting board');
        $figures = ['length' => '450', 'width' => '180', 'along' => '3', 'across' => '3', 'tolerance' => '0.05'];
        $this->ask(
            'POST',
            "/api/references/{$board->id}/preview",
            self::form([...$figures, 'shaving' => '0.05'], self::hollow('0.4', 450, 180)),
        )->assertJsonPath('work', 'plane');
    }

    public function test_what_is_wrong_stands_beside_its_field_and_is_not_written_down(): void
    {
        $sole = self::named('sole of the jack plane');
        $figures = ['length' => '355', 'width' => '60', 'along' => '4', 'across' => '3', 'tolerance' => '0.05'];
        $this->ask('POST', "/api/references/{$sole->id}/preview", self::form($figures))
            ->assertOk()
            ->assertJsonPath('readings.along.error', 'Read at 3, 5, 7 or 9 places along.');
        $this->ask('POST', "/api/references/{$sole->id}/tests", [
            ...self::form($figures),
            'version' => 1,
            'planed' => false,
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'figures.along');
        $this->ask('POST', "/api/references/{$sole->id}/tests", [
            ...self::form([...$figures, 'along' => '5']),
            'version' => 1,
            'planed' => false,
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'figures');
        $lines = [['id' => 'diagonal-0', 'typed' => ['0', '-0.1', '0']]];
        $this->ask('POST', "/api/references/{$sole->id}/preview", self::form([...$figures, 'along' => '5'], $lines))
            ->assertOk()
            ->assertJsonPath(
                'lists.0.readings.1.error',
                'A gap is 0 or more: the straightedge lies on what is highest.',
            );
    }

    public function test_a_stone_is_added_fallen_taken_away_and_brought_back(): void
    {
        $tools = ['square' => 'try-square', 'straightedge' => 'straightedge', 'sticks' => 'winding-sticks'];
        foreach ($tools as $kind => $tool) {
            $added = $this->ask('POST', '/api/references', ['kind' => $kind, 'name' => "a new $kind"])->assertCreated();
            $kit = $this->ask('GET', '/api/kit')->json();
            self::assertContains(
                ["a new $kind", $tool, 'owned'],
                array_map(
                    static fn (array $one): array => [
                        $one['name'], $kit['shapes'][$one['shape']]['kind'], $one['status'],
                    ],
                    $kit['board'],
                ),
            );
            $this->ask('GET', "/api/references/{$added->json('id')}")->assertOk();
        }
        $stone = $this->ask('POST', '/api/references', ['kind' => 'stone', 'name' => '1000 stone'])
            ->assertCreated()
            ->assertJsonPath('history.due', 'It has never been tested.')
            ->json();
        $this->ask('POST', '/api/references', ['kind' => 'stone', 'name' => ''])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'name');
        $fell = $this->ask('POST', "/api/references/{$stone['id']}/drops", ['version' => 1])->assertOk();
        $entry = $this->ask('DELETE', "/api/references/{$stone['id']}", ['version' => $fell->json('version')])
            ->assertOk()
            ->json('id');
        $this->ask('GET', "/api/references/{$stone['id']}")->assertNotFound();
        $this->ask('POST', "/api/diary/$entry/undo")->assertCreated();
        $this->ask('GET', "/api/references/{$stone['id']}")->assertOk();
    }

    public function test_it_comes_due_when_its_time_has_passed(): void
    {
        $this->travel(400)->days();
        self::assertContains(
            'Its last test is too long ago.',
            $this->ask('GET', '/api/references')->json('references.*.due'),
        );
    }

    /** Ten sheets in a pack are 1.2 mm: two sheets under the straightedge are 0.24 mm. */
    public function test_the_users_own_paper_is_a_measure(): void
    {
        $this->ask('PUT', '/api/preferences', ['paper' => '1.2 mm / 10', 'instrument' => 'paper'])->assertOk();
        $board = self::named('bed of the shooting board');
        $this->ask('GET', "/api/references/{$board->id}")
            ->assertJsonPath('instrument', 'paper')
            ->assertJsonFragment(['label' => 'one sheet of paper', 'resolution' => '0.12 mm']);
        $lines = [['id' => 'diagonal-0', 'typed' => ['0', '2 sheets', '0']]];
        $this->ask(
            'POST',
            "/api/references/{$board->id}/preview",
            self::form(
                [
                    'length' => '450',
                    'width' => '180',
                    'along' => '3',
                    'across' => '3',
                    'shaving' => '0.05',
                    'tolerance' => '0.2',
                ],
                $lines,
                'paper',
            ),
        )
            ->assertOk()
            ->assertJsonPath('lists.0.readings.1.value', 0.24);
        $this->ask('PUT', '/api/preferences', ['paper' => '12 mm'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'paper');
    }

    /** The simulated dial answers in its documented line; what it reads is what would have been typed. */
    public function test_an_instrument_on_this_machine_is_asked(): void
    {
        $this->ask('GET', '/api/instrument?at=450')
            ->assertStatus(422)
            ->assertJsonPath('errors.0.message', 'Say under True where your instrument answers.');
        $this->ask('PUT', '/api/preferences', ['instrumentUrl' => 'http://example.org:80'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'instrumentUrl');
        $this->ask('PUT', '/api/preferences', ['instrumentUrl' => 'http://127.0.0.1:8201/'])
            ->assertOk()
            ->assertJsonPath('instrumentUrl', 'http://127.0.0.1:8201');
        Http::fake([
            '127.0.0.1:8201/readings*' => Http::sequence()
                ->push("2026-11-25T13:00:00.250Z dial 450.0 0.12 mm\n")
                ->push('<html>')
                ->pushFailedConnection(),
        ]);
        $this->ask('GET', '/api/instrument?at=450')->assertOk()->assertJsonPath('typed', '0.12 mm');
        $this->ask('GET', '/api/instrument?at=450')
            ->assertStatus(422)
            ->assertJsonPath('errors.0.message', 'What answers there is no reading.');
        self::assertStringContainsString(
            'Nothing answers at http://127.0.0.1:8201.',
            $this->ask('GET', '/api/instrument?at=450')->assertStatus(422)->json('errors.0.message'),
        );
        $this->ask('PUT', '/api/preferences', ['instrumentUrl' => ''])
            ->assertOk()
            ->assertJsonPath('instrumentUrl', null);
    }
}
