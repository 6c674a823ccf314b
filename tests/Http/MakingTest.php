<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Blank\Blank;
use App\Making\Making;
use App\Reference\Reference;
use App\Tool\Tool;
use Database\Factories\ToolFactory;
use Illuminate\Support\Carbon;
use JackRest\Desk\Making\PlanKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** A plan is made at the bench over several days, and hangs on the board at last, to be tested. */
final class MakingTest extends HttpTestCase
{
    private const SQUARE = ['figures' => ['blade' => '200'], 'blanks' => [], 'name' => 'square for the lids'];

    /** Where the last session that was finished leads on to. */
    /** @var array{kind: string, id: int|null}|null */
    private ?array $about = null;

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    private function begin(): int
    {
        return (int) $this->ask('POST', '/api/plans/bridle-square/makings', self::SQUARE)->assertCreated()->json('id');
    }

    /** @return array<string, mixed> */
    private function making(int $id): array
    {
        return $this->ask('GET', "/api/makings/$id")
            ->assertOk()
            ->json();
    }

    /** Takes its next stage to the bench and walks it to the end. */
    private function stage(int $id, bool $early = false): void
    {
        $session = $this->ask('POST', "/api/makings/$id/sessions", [
            'version' => $this->making($id)['version'],
            'early' => $early,
        ])
            ->assertCreated()
            ->json();
        self::assertSame('making', $session['kind']);
        $this->about = $this->ask('POST', "/api/sessions/{$session['id']}/finish", [
            'outcome' => 'done',
            'version' => $session['version'],
        ])
            ->assertOk()
            ->json('about');
    }

    public function test_its_parts_are_cut_off_their_blank_and_undo_puts_them_back(): void
    {
        $cherry = Blank::of(self::bench())->where('name', 'cherry offcut')->firstOrFail();
        $this->begin();
        // A blade of 240 + 20 and a stock of 140 + 20, each with a kerf of 5.
        self::assertEqualsWithDelta(520 - 265 - 165, (float) $cherry->refresh()->length_mm, 1e-9);
        $this->ask(
            'POST',
            '/api/diary/'.$this->ask('GET', '/api/diary')->json('entries.0.id').'/undo',
        )->assertCreated();
        self::assertEqualsWithDelta(520, (float) $cherry->refresh()->length_mm, 1e-9);
        self::assertSame(1, Making::of(self::bench())->count(), 'the demo’s own');
    }

    public function test_it_waits_a_week_and_for_the_glue_and_hangs_on_the_board_at_last(): void
    {
        $id = $this->begin();
        $tools = Tool::of(self::bench())->count();
        $this->ask('GET', '/api/search?q=for+the+lids')
            ->assertJsonPath('hits.0.kind', 'making')
            ->assertJsonPath('hits.0.id', $id);
        $this->stage($id);
        $making = $this->making($id);
        self::assertSame(['kind' => 'making', 'id' => $id], $this->about);
        self::assertSame([2, 'the week of rest'], [$making['done'], $making['waitsFor']]);
        self::assertSame(Carbon::now()->addDays(7)->toDateString(), substr($making['waitsUntil'], 0, 10));
        $this->ask('POST', "/api/makings/$id/sessions", ['version' => $making['version'], 'early' => false])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'early');
        self::assertStringContainsString('BEGIN:VEVENT', (string) $this->get('/api/calendar.ics')->getContent());
        self::assertStringContainsString(
            'Go on making the square for the lids',
            str_replace("\r\n ", '', (string) $this->get('/api/calendar.ics')->getContent()),
        );
        self::assertNotContains("making-$id", $this->ask('GET', '/api/bench')->json('upkeep.*.key'));

        Carbon::setTestNow(Carbon::now()->addDays(7)->addHour());
        self::assertContains("making-$id", $this->ask('GET', '/api/bench')->json('upkeep.*.key'));
        $this->stage($id);
        self::assertSame('the glue', $this->making($id)['waitsFor']);
        Carbon::setTestNow(Carbon::now()->addDays(1)->addHour());
        $this->stage($id);
        $this->stage($id, early: true);

        $making = $this->making($id);
        self::assertTrue($making['isMade']);
        self::assertSame($tools + 1, Tool::of(self::bench())->count());
        $tool = Tool::of(self::bench())->latest('id')->firstOrFail();
        self::assertSame(
            ['try-square', 'try square, 200 mm blade length, 140 mm stock length, black cherry'],
            [$tool->kind, $tool->name],
        );
        $square = Reference::of(self::bench())->where('tool_id', $tool->id)->firstOrFail();
        self::assertSame(
            [$square->id, ['kind' => 'reference', 'id' => $square->id]],
            [$making['reference'], $this->about],
        );
        self::assertSame('It has never been tested.', $square->due());
        // The season knows its wood from the first day.
        self::assertSame(
            ['species' => 'black cherry', 'ringDeg' => 82, 'runoutDeg' => 1.5, 'thicknessMm' => 6.5],
            $square->wood,
        );
        self::assertSame(
            'Made the square for the lids; it hangs on the board.',
            $this->ask('GET', '/api/diary')->json('entries.0.sentence'),
        );
        $this->ask('POST', "/api/makings/$id/sessions", [
            'version' => $making['version'],
            'early' => false,
        ])->assertStatus(422);

        // Undone, neither tool nor square hangs there, and the last stage can be walked again.
        $this->ask(
            'POST',
            '/api/diary/'.$this->ask('GET', '/api/diary')->json('entries.0.id').'/undo',
        )->assertCreated();
        self::assertSame($tools, Tool::of(self::bench())->count());
        self::assertFalse(Reference::of(self::bench())->where('id', $square->id)->exists());
        self::assertFalse($this->making($id)['isMade']);
    }

    /** Stopped in the middle, with a closed browser or without: what is done stays done. */
    public function test_it_goes_on_where_it_was_left(): void
    {
        $id = $this->begin();
        $this->stage($id);
        Carbon::setTestNow(Carbon::now()->addDays(8));
        $session = $this->ask('POST', "/api/makings/$id/sessions", [
            'version' => $this->making($id)['version'],
            'early' => false,
        ])->json();
        self::assertSame(
            ['Look again, and plane true', 'Mark the slot', 'Saw the slot', 'Fit the blade', 'Glue it'],
            array_column($session['steps'], 'title'),
        );
        $saved = $this->ask('PUT', "/api/sessions/{$session['id']}", [
            'atStep' => 2,
            'phase' => 'fetch',
            'counted' => [0, 0, 0, 0, 0],
            'version' => $session['version'],
        ])
            ->assertOk()
            ->json();
        self::assertSame($session['id'], $this->making($id)['running']);
        // Begun anew it is the same session.
        self::assertSame(
            $session['id'],
            $this->ask('POST', "/api/makings/$id/sessions", [
                'version' => $this->making($id)['version'],
                'early' => false,
            ])->json('id'),
        );
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", [
            'outcome' => 'stopped',
            'version' => $saved['version'],
        ])->assertOk();
        $making = $this->making($id);
        self::assertSame([4, null, 'Saw the slot.'], [$making['done'], $making['waitsUntil'], $making['next']['says']]);
        self::assertSame(
            'Made on at the square for the lids: 2 steps.',
            $this->ask('GET', '/api/diary')->json('entries.0.sentence'),
        );
    }

    public function test_it_can_be_left_off_and_taken_up_again(): void
    {
        $id = $this->begin();
        $session = $this->ask('POST', "/api/makings/$id/sessions", ['version' => 1, 'early' => false])->json();
        $this->ask('DELETE', "/api/makings/$id", ['version' => 1])->assertStatus(409);
        $this->ask('DELETE', "/api/makings/$id", ['version' => 2])->assertOk();
        self::assertNotContains($id, $this->ask('GET', '/api/plans')->json('makings.*.id'));
        self::assertSame('stopped', $this->ask('GET', "/api/sessions/{$session['id']}")->json('state'));
        $this->ask(
            'POST',
            '/api/diary/'.$this->ask('GET', '/api/diary')->json('entries.0.id').'/undo',
        )->assertCreated();
        self::assertContains($id, $this->ask('GET', '/api/plans')->json('makings.*.id'));
    }

    #[DataProvider('plans')]
    public function test_every_plan_is_begun_without_a_name_of_its_own(PlanKind $plan): void
    {
        $this->ask('POST', "/api/plans/{$plan->value}/makings", ['figures' => [], 'blanks' => [], 'name' => ''])
            ->assertCreated();
    }

    /** @return iterable<string, array{PlanKind}> */
    public static function plans(): iterable
    {
        foreach (PlanKind::cases() as $plan) {
            yield $plan->value => [$plan];
        }
    }

    /** A mallet is no reference: it has no test to go to. */
    public function test_what_is_no_reference_just_hangs_there(): void
    {
        $id = (int) $this->ask('POST', '/api/plans/mallet/makings', ['figures' => [], 'blanks' => [], 'name' => ''])
            ->assertCreated()
            ->json('id');
        $this->stage($id);
        self::assertTrue($this->making($id)['isMade']);
        self::assertNull($this->making($id)['reference']);
        self::assertSame('It is made, ready for work.', $this->making($id)['next']['says']);
        $mallet = Tool::of(self::bench())->latest('id')->firstOrFail();
        self::assertSame(['mallet', ['kind' => 'tool', 'id' => $mallet->id]], [$mallet->kind, $this->about]);
    }

    /** One that was wanted is there now, and not hung beside itself; one of another size stays on the list. */
    public function test_what_was_wanted_of_that_size_is_no_longer_wanted(): void
    {
        $wanted = ToolFactory::at(self::bench())
            ->ofKind('bench-hook', ['length' => 250, 'width' => 150])
            ->wanted()
            ->createOne();
        $large = ToolFactory::at(self::bench())
            ->ofKind('bench-hook', ['length' => 390, 'width' => 290])
            ->wanted()
            ->named('long bench hook')
            ->createOne();
        $tools = Tool::of(self::bench())->count();
        $id = (int) $this->ask('POST', '/api/plans/bench-hook/makings', ['figures' => [], 'blanks' => [], 'name' => ''])
            ->assertCreated()
            ->json('id');
        $this->stage($id);
        $this->stage($id, early: true);
        self::assertTrue($this->making($id)['isMade']);
        self::assertSame($tools, Tool::of(self::bench())->count());
        self::assertSame(['owned', 260], [$wanted->refresh()->status->value, $wanted->size['length']]);
        self::assertSame('wanted', $large->refresh()->status->value);
    }

    /** A template of 1 in 6 is tested against 1 in 6, not against the usual slope. */
    public function test_a_template_is_tested_against_the_slope_it_was_made_to(): void
    {
        foreach (['1:6' => '6', '12' => '4.7', '20' => '2.75'] as $slope => $nominal) {
            $id = (int) $this->ask('POST', '/api/plans/slope-template/makings', [
                'figures' => ['slope' => (string) $slope],
                'blanks' => [],
                'name' => '',
            ])
                ->assertCreated()
                ->json('id');
            while ($this->making($id)['isMade'] !== true) {
                $this->stage($id, early: true);
            }
            $fields = array_column(
                $this->ask('GET', '/api/references/'.($this->about['id'] ?? 0))
                    ->assertOk()
                    ->json('asks.*.field'),
                'typed',
                'name',
            );
            self::assertSame($nominal, $fields['nominal']);
        }
    }
}
