<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Edge\Edge;
use App\Session\BenchSession;
use App\Tool\Tool;
use Database\Factories\StoneFactory;
use JackRest\Desk\Session\SessionStep;

/** Care by interval and damp, one tap done; and what runs low. */
final class CareTest extends HttpTestCase
{
    public function test_what_is_due_is_a_small_line_on_the_bench_and_one_tap_done(): void
    {
        $page = $this->ask('GET', '/api/care')->assertOk()->assertJsonPath('damp', 'damp')->json();
        self::assertMatchesRegularExpression(
            '/^By your own log the air of the last 90 days was at \d\d %: damp, over 65 %\.$/',
            $page['dampByLog'],
        );
        $wax = array_column($page['rounds'], null, 'key')['care-wax'];
        self::assertTrue($wax['isDue']);
        $bench = $this->ask('GET', '/api/bench');
        self::assertContains($wax['says'], $bench->json('upkeep.*.says'));
        // It keeps the kit well and holds up no work.
        self::assertNotContains($wax['says'], $bench->json('chores.*.says'));
        $this->ask('POST', '/api/upkeep/care-wax/done')->assertOk();
        $after = array_column($this->ask('GET', '/api/care')->json('rounds'), null, 'key')['care-wax'];
        self::assertSame([false, 'Done today; every 23 days.'], [$after['isDue'], $after['last']]);
        $this->ask('GET', '/api/diary')->assertJsonPath('entries.0.kind', 'cared');
        $this->ask('POST', '/api/upkeep/care-polish/done')->assertNotFound();
    }

    /** Wiped four days ago: not due in a damp shed (7 days), and waxing waits longer in a dry one. */
    public function test_a_round_names_tools_of_the_kit_that_it_is_for(): void
    {
        $kinds = Tool::of(self::bench())->pluck('kind', 'id');
        $rounds = array_column($this->ask('GET', '/api/care')->assertOk()->json('rounds'), 'tools', 'key');
        self::assertSame([], $rounds['care-damp'], 'drawers and board are no tools');
        self::assertNotSame([], $rounds['care-wax']);
        foreach ($rounds as $tools) {
            $of = array_map(static fn (int $id): string => $kinds[$id], $tools);
            self::assertSame(array_unique($of), $of, 'one of each kind');
        }
    }

    public function test_the_shops_damp_decides(): void
    {
        $days = fn (): array => array_column($this->ask('GET', '/api/care')->json('rounds'), 'last', 'key');
        self::assertSame('Done 4 days ago; every 7 days.', $days()['care-wipe']);
        $this->ask('PUT', '/api/care/damp', ['damp' => 'dry'])
            ->assertOk()
            ->assertJsonPath('damp', 'dry');
        self::assertSame('Done 4 days ago; every 28 days.', $days()['care-wipe']);
        $this->ask('PUT', '/api/care/damp', ['damp' => 'wet'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'damp');
    }

    /** Two blades, eleven days with the coping saw at six days each: a sixth of one is left. */
    public function test_what_runs_low_is_counted_from_the_diary(): void
    {
        $stocks = array_column($this->ask('GET', '/api/care')->json('stocks'), null, 'label');
        self::assertSame(
            [true, 'Hardly any blade left, by 11 days with a coping or fret saw since.'],
            [$stocks['blades for coping and fret saw']['isLow'], $stocks['blades for coping and fret saw']['says']],
        );
        self::assertContains(
            'Get blades for coping and fret saw.',
            $this->ask('GET', '/api/bench')->json('upkeep.*.says'),
        );
        $this->ask('POST', "/api/upkeep/{$stocks['blades for coping and fret saw']['key']}/done")->assertOk();
        self::assertFalse(
            array_column($this->ask('GET', '/api/care')->json('stocks'), 'isLow', 'label')[
                'blades for coping and fret saw'
            ],
        );
    }

    public function test_what_was_bought_is_counted_down_and_no_longer(): void
    {
        $page = $this->ask('POST', '/api/consumables', ['kind' => 'paper', 'amount' => '10'])
            ->assertCreated()
            ->json();
        $paper = array_column($page['stocks'], null, 'label')['abrasive paper'];
        self::assertSame('About 10 sheets left, by 0 strokes on paper since.', $paper['says']);
        foreach (['', '-3', 'some'] as $amount) {
            $this->ask('POST', '/api/consumables', ['kind' => 'paper', 'amount' => $amount])
                ->assertStatus(422)
                ->assertJsonPath('errors.0.field', 'amount');
        }
        $after = $this->ask('DELETE', "/api/consumables/{$paper['id']}", ['version' => $paper['version']])
            ->assertOk()
            ->json('stocks.*.label');
        self::assertNotContains('abrasive paper', $after);
    }

    /** Ten sheets of 250 strokes: 500 counted at the bench and a honing of 50 written down take 2.2 of them. */
    public function test_paper_goes_by_the_strokes_counted_at_the_bench(): void
    {
        $bench = self::bench();
        StoneFactory::at($bench)->paper()->createOne();
        $edge = Edge::of($bench)->firstOrFail();
        $step = static fn (string $stone): array => (new SessionStep(
            $stone,
            500,
            600.0,
            'even scratches',
            'hone',
        ))->toArray();
        BenchSession::of($bench)->create([
            'kind' => 'honing',
            'subject_type' => 'edge',
            'subject_id' => $edge->id,
            'title' => $edge->name,
            'context' => [],
            'steps' => [$step('fine paper'), $step('some stone')],
            'counted' => [500, 70],
            'at_step' => 2,
            'phase' => 'check',
            'state' => 'finished',
            'started_at' => now()->toIso8601ZuluString(),
            'ended_at' => now()->addHour()->toIso8601ZuluString(),
        ]);
        $edge
            ->events()
            ->create([
                'bench_id' => $bench->id,
                'kind' => 'honed',
                'happened_at' => now()->addHours(2)->toIso8601ZuluString(),
                'stone' => 'fine paper',
                'note' => '',
            ]);
        $page = $this->ask('POST', '/api/consumables', ['kind' => 'paper', 'amount' => '10'])
            ->assertCreated()
            ->json('stocks');
        self::assertSame(
            'About 7.8 sheets left, by 550 strokes on paper since.',
            array_column($page, 'says', 'label')['abrasive paper'],
        );
    }
}
