<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Edge\Edge;
use App\Edge\EdgeEvent;
use App\Job\WorkJob;
use App\Pace\StepTime;
use App\Reference\Reference;
use App\Tool\Tool;
use App\Tool\ToolUse;
use App\Work\Work;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\Job\Pace;

/** A work from the first cut to the glued piece. */
final class JobTest extends HttpTestCase
{
    private const TEN = ['figures' => ['pieces' => '10', 'batch' => '5', 'hours' => '6'], 'wood' => 'planed',
        'hones' => true];

    /** The demo is in the middle of one: it is looked at in {@see DemoTest}. */
    protected function setUp(): void
    {
        parent::setUp();
        StepTime::query()->forceDelete();
        WorkJob::query()->forceDelete();
    }

    public function test_the_plan_names_tools_settings_and_checks(): void
    {
        $hive = $this->hive();
        $asked = $this->ask('GET', "/api/works/$hive->id/job")->assertOk()->json();
        self::assertSame('4', array_column($asked['fields'], null, 'name')['boards']['usual']);
        $plan = $this->ask('POST', "/api/works/$hive->id/jobs/preview", self::TEN)->assertOk()->json();
        foreach ($plan['rows'] as $row) {
            $kind = $plan['kinds'][$row['kind']];
            self::assertNotSame('', $kind['title'].$kind['check']);
            self::assertNotSame([false, ''], [$kind['lacks'], $kind['tools']], $kind['title']);
            self::assertGreaterThan(0, $row['units']);
        }
        $settings = implode(' ', array_column($plan['kinds'], 'setting'));
        self::assertStringContainsString('dividers', $settings, 'from what was set out for it');
        self::assertMatchesRegularExpression('/no order needs fewer/', implode(' ', $plan['lines']));
        self::assertStringContainsString('it is done on', $plan['lines'][0]);
    }

    /** Without a tool nobody knows how long it takes: no day is promised. */
    public function test_a_bench_without_tools_is_promised_no_day(): void
    {
        Tool::query()->update(['status' => 'wanted']);
        $plan = $this->ask('POST', "/api/works/{$this->hive()->id}/jobs/preview", self::TEN)->assertOk()->json();
        self::assertStringContainsString('Not all of it can be done yet', $plan['next']['says']);
        self::assertStringContainsString('cannot be done yet', $plan['lines'][0]);
        self::assertStringNotContainsString('it is done on', implode(' ', $plan['lines']));
        self::assertContains(true, array_column($plan['kinds'], 'lacks'));
        $job = $this->ask('POST', "/api/works/{$this->hive()->id}/jobs", self::TEN)->assertCreated()->json();
        self::assertStringContainsString('no finishing day', $job['lines'][0]);
        self::assertEquals([true, null, 0], [$job['isHeld'], $job['restsUntil'], $job['donePct']]);
        self::assertStringStartsWith('It waits for a tool: ', $job['next']['says']);
        $this->ask('POST', "/api/jobs/{$job['id']}/sessions", ['version' => 1, 'early' => false])
            ->assertStatus(422)->assertJsonPath('errors.0.field', 'early');
        $chores = $this->ask('GET', '/api/bench')->json('chores');
        self::assertNotContains('go-on-with-job', array_column($chores, 'kind'));
        $ticked = $this->ask('POST', "/api/jobs/{$job['id']}/steps", ['step' => 0, 'version' => $job['version']])
            ->assertOk()->json();
        self::assertNotSame($job['next']['says'], $ticked['next']['says']);
        self::assertStringNotContainsString('done by the plan', (string) $this->get('/api/calendar.ics')->getContent());
    }

    /** A square that keeps its own tolerance may still be too far out for this board. */
    public function test_a_square_that_cannot_be_trusted_to_this_joint_is_said_before_marking(): void
    {
        $hive = $this->hive();
        $square = Reference::query()->where('name', '200 mm try square')->firstOrFail();
        $lines = fn (): string => implode(' ', $this->ask('POST', "/api/works/$hive->id/jobs/preview", self::TEN)
            ->json('lines'));
        self::assertStringContainsString('Test the 200 mm try square before you mark', $lines());
        $square->forceFill(['dropped_on' => null, 'sizes' => [...$square->sizes, 'tolerance' => 0.6]])->save();
        $test = $square->tests()->latest('tested_at')->firstOrFail();
        $test->forceFill(['tested_at' => Carbon::now()->toIso8601ZuluString(), 'error_mm' => 0.3,
            'verdict' => 'within'])->save();
        self::assertMatchesRegularExpression('/square may be out by 0\.\d+ mm over 240 mm; the joint/', $lines());
    }

    public function test_wrong_figures_are_told_beside_their_field_and_nothing_is_begun(): void
    {
        $hive = $this->hive();
        $wrong = [['pieces', '0'], ['pieces', 'some'], ['batch', '11'], ['joints', '-1'], ['hours', '0']];
        foreach ($wrong as [$field, $typed]) {
            $sent = [...self::TEN, 'figures' => [...self::TEN['figures'], $field => $typed]];
            $plan = $this->ask('POST', "/api/works/$hive->id/jobs/preview", $sent)->assertOk()->json();
            self::assertIsString($plan['figures'][$field]['error'], "$field $typed");
            self::assertSame([], $plan['rows']);
            $this->ask('POST', "/api/works/$hive->id/jobs", $sent)->assertStatus(422)
                ->assertJsonPath('errors.0.field', "figures.$field");
        }
        self::assertSame(0, WorkJob::query()->count());
    }

    public function test_a_while_at_the_bench_is_kept_and_the_edges_have_their_minutes(): void
    {
        $hive = $this->hive();
        $job = $this->ask('POST', "/api/works/$hive->id/jobs", self::TEN)->assertCreated()->json();
        $uses = ToolUse::query()->count();
        $session = $this->toBench($job);
        self::assertLessThanOrEqual(12, count($session['steps']));
        // Two steps at their pace, and two parts of the third; each tap is saved.
        $at = Carbon::now();
        foreach ([1, 2] as $step) {
            $at = $at->addSeconds((int) $session['steps'][$step - 1]['seconds']);
            Carbon::setTestNow($at);
            $session = $this->tap($session, $step, []);
        }
        $counted = [0, 0, 2, ...array_fill(0, count($session['steps']) - 3, 0)];
        $session = $this->tap($session, 2, $counted);
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", [
            'outcome' => 'stopped', 'version' => $session['version'],
        ])->assertOk();
        $after = $this->ask('GET', "/api/jobs/{$job['id']}")->assertOk()->json();
        self::assertSame(
            [$job['rows'][0]['units'], $job['rows'][1]['units'], 2],
            array_slice(array_column($after['rows'], 'done'), 0, 3),
        );
        self::assertEqualsWithDelta($job['rows'][0]['minutes'], $after['rows'][0]['took'], 0.2);
        self::assertSame('next', $after['rows'][2]['state']);
        self::assertGreaterThan($uses, ToolUse::query()->count());
        $timed = StepTime::query()->get()->filter(
            static fn (StepTime $time): bool => Pace::isTimed($time->usual_minutes, $time->minutes),
        );
        self::assertCount(2, $timed, 'the two parts came all at once: they teach nothing');
        // Interrupted, it goes on where it stood, with what is left.
        $again = $this->toBench($after);
        self::assertSame($after['rows'][2]['units'] - 2, $again['steps'][0]['count']);
        $this->ask('POST', "/api/sessions/{$again['id']}/finish", ['outcome' => 'done', 'version' => $again['version']])
            ->assertOk();
        $twice = ToolUse::query()->selectRaw('tool_id, used_on')->groupBy('tool_id', 'used_on')
            ->havingRaw('count(*) > 1')->where('used_on', Carbon::now()->toDateString())->get();
        self::assertCount(0, $twice, 'a tool used twice in a day was used that day');
    }

    /** The first of two sittings undone, the second stands: each part of what is done goes with its own entry. */
    public function test_sittings_are_undone_in_any_order(): void
    {
        $hive = $this->hive();
        $job = $this->ask('POST', "/api/works/$hive->id/jobs", self::TEN)->json();
        $first = $this->sit($job);
        $second = $this->sit($first);
        $done = static fn (array $page): array => array_column($page['rows'], 'done');
        $entries = array_values(array_filter(
            $this->ask('GET', '/api/diary')->json('entries'),
            static fn (array $entry): bool => $entry['kind'] === 'job-went-on',
        ));
        $this->ask('POST', "/api/diary/{$entries[1]['id']}/undo")->assertCreated();
        $now = $this->ask('GET', "/api/jobs/{$job['id']}")->assertOk()->json();
        self::assertSame(
            array_map(static fn (int $all, int $before): int => $all - $before, $done($second), $done($first)),
            $done($now),
        );
        self::assertSame('next', $now['rows'][0]['state'], 'it is to be done again');
        $this->ask('POST', "/api/diary/{$entries[0]['id']}/undo")->assertCreated();
        self::assertSame(0, array_sum($done($this->ask('GET', "/api/jobs/{$job['id']}")->json())));
    }

    /** Every minute planned goes into the diary of an edge, and no other. */
    public function test_minutes_of_use_add_up_and_a_honing_renews(): void
    {
        $hive = $this->hive();
        $job = $this->ask('POST', "/api/works/$hive->id/jobs", self::TEN)->assertCreated()->json();
        $record = WorkJob::query()->whereKey($job['id'])->firstOrFail();
        $planned = 0.0;
        $honings = 0;
        foreach ($record->plan() as $step) {
            $planned += array_sum($step->edges) * $step->minutes;
            $honings += $step->hone === null ? 0 : 1;
        }
        $before = EdgeEvent::query()->pluck('id')->all();
        $this->finish($job);
        $new = EdgeEvent::query()->whereNotIn('id', $before)->get();
        $used = $new->where('kind', EdgeEntryKind::Used)->sum('minutes');
        self::assertEqualsWithDelta($planned, $used, 0.06 * count($new));
        self::assertCount($honings, $new->where('kind', EdgeEntryKind::Honed));
        self::assertGreaterThan(0, $honings, 'ten hives blunt a chisel');
        $made = $this->ask('GET', "/api/jobs/{$job['id']}")->json();
        self::assertSame([true, 100], [$made['isMade'], (int) $made['donePct']]);
        // All of it can be undone: the diaries of the edges with it.
        foreach ($this->ask('GET', '/api/diary')->json('entries') as $entry) {
            if ($entry['kind'] === 'job-went-on') {
                $this->ask('POST', "/api/diary/{$entry['id']}/undo")->assertCreated();
            }
        }
        self::assertSame(0, EdgeEvent::query()->whereNotIn('id', $before)->count());
        self::assertSame(0, array_sum(WorkJob::query()->whereKey($job['id'])->firstOrFail()->done));
    }

    public function test_glue_is_waited_for_and_the_next_batch_gone_on_with(): void
    {
        Carbon::setTestNow('2026-11-02 09:00:00');
        $hive = $this->hive();
        $job = $this->ask('POST', "/api/works/$hive->id/jobs", [...self::TEN, 'hones' => false])->json();
        do {
            $job = $this->sit($job);
            $glued = array_filter($job['rows'], static fn (array $row): bool => $row['state'] === 'rests');
        } while ($glued === [] && $job['isMade'] === false);
        self::assertSame([1], array_values(array_unique(array_column($glued, 'batch'))));
        self::assertContains(2, array_column(array_filter(
            $job['rows'],
            static fn (array $row): bool => $row['state'] === 'next',
        ), 'batch'));
        $calendar = (string) $this->get('/api/calendar.ics')->getContent();
        $calendar = str_replace(["\r\n ", '\\,'], ['', ','], $calendar);
        self::assertStringContainsString("{$job['name']}, batch 1: the glue is dry", $calendar);
        self::assertStringContainsString("{$job['name']}: done by the plan", $calendar);
        self::assertSame(['Batch 1 waits for the glue to dry'], array_column($job['rests'], 'says'));
        self::assertStringStartsWith('2026-11-03T09:00:00', $job['rests'][0]['until']);
        while ($job['restsUntil'] === null) {
            $job = $this->sit($job);
        }
        $this->ask('POST', "/api/jobs/{$job['id']}/sessions", ['version' => $job['version'], 'early' => false])
            ->assertStatus(422)->assertJsonPath('errors.0.field', 'early');
        Carbon::setTestNow('2026-11-04 09:00:00');
        $bench = $this->ask('GET', '/api/bench')->json();
        self::assertSame(['go-on-with-job', "Go on with {$job['name']}."], [
            $bench['chores'][0]['kind'], $bench['chores'][0]['says'],
        ]);
        self::assertSame($this->ask('GET', "/api/jobs/{$job['id']}")->json('next.says'), $bench['sentence']);
        $this->sit($this->ask('GET', "/api/jobs/{$job['id']}")->json());
    }

    public function test_a_pace_is_learnt_from_the_third_time_and_used(): void
    {
        $hive = $this->hive();
        $one = ['figures' => [], 'wood' => 'planed', 'hones' => false];
        $first = $this->ask('POST', "/api/works/$hive->id/jobs/preview", $one)->json();
        self::assertStringContainsString('from memory', implode(' ', $first['lines']));
        foreach (range(1, 3) as $ignored) {
            $job = $this->ask('POST', "/api/works/$hive->id/jobs", $one)->json();
            $session = $this->toBench($job);
            $at = Carbon::now();
            foreach ($session['steps'] as $step => $planned) {
                $at = $at->addSeconds((int) (2 * 60 * $job['rows'][$step]['minutes']));
                Carbon::setTestNow($at);
                $session = $this->tap($session, min($step + 1, count($session['steps']) - 1), []);
                if ($step === 0) {
                    break;
                }
            }
            $this->ask('POST', "/api/sessions/{$session['id']}/finish", [
                'outcome' => 'stopped', 'version' => $session['version'],
            ])->assertOk();
            $this->ask('DELETE', "/api/jobs/{$job['id']}", ['version' => $this->ask('GET', "/api/jobs/{$job['id']}")
                ->json('version')])->assertOk();
        }
        $learnt = $this->ask('POST', "/api/works/$hive->id/jobs/preview", $one)->json();
        self::assertEqualsWithDelta(2 * $first['rows'][0]['minutes'], $learnt['rows'][0]['minutes'], 0.2);
        self::assertEqualsWithDelta($first['rows'][1]['minutes'], $learnt['rows'][1]['minutes'], 0.05);
        self::assertStringContainsString('Your own pace for 1 of', implode(' ', $learnt['lines']));
        $page = $this->ask('GET', "/api/works/$hive->id")->json('minutes');
        self::assertStringContainsString('by your own pace for 1 of', $page);
    }

    public function test_a_step_done_away_from_the_bench_is_ticked_off(): void
    {
        $hive = $this->hive();
        $job = $this->ask('POST', "/api/works/$hive->id/jobs", self::TEN)->json();
        $uses = EdgeEvent::query()->count();
        $at = array_search('Bring to width', array_map(
            static fn (array $row): string => $job['kinds'][$row['kind']]['title'],
            $job['rows'],
        ), true);
        $sent = ['step' => $at, 'version' => $job['version']];
        $after = $this->ask('POST', "/api/jobs/{$job['id']}/steps", $sent)->assertOk()->json();
        self::assertSame('done', $after['rows'][$at]['state']);
        self::assertNull($after['rows'][$at]['took'], 'nobody timed it');
        self::assertSame($uses + 1, EdgeEvent::query()->count(), 'the plane has worked as planned');
        $this->ask('POST', "/api/jobs/{$job['id']}/steps", [...$sent, 'step' => 0])->assertStatus(409);
        $this->ask('POST', "/api/jobs/{$job['id']}/steps", [...$sent, 'version' => $after['version']])
            ->assertStatus(422)->assertJsonPath('errors.0.message', 'That is done already.');
        $this->ask('POST', "/api/jobs/{$job['id']}/steps", ['step' => 9999, 'version' => $after['version']])
            ->assertNotFound();
        $this->toBench($after);
        $this->ask('POST', "/api/jobs/{$job['id']}/steps", ['step' => 0, 'version' => $after['version'] + 1])
            ->assertStatus(422)->assertJsonPath('errors.0.field', 'step');
    }

    public function test_wood_that_is_still_to_come_is_waited_for(): void
    {
        Carbon::setTestNow('2026-11-02 09:00:00');
        $hive = $this->hive();
        $sent = [...self::TEN, 'figures' => [...self::TEN['figures'], 'woodDays' => '9']];
        $sooner = $this->ask('POST', "/api/works/$hive->id/jobs/preview", self::TEN)->json();
        $plan = $this->ask('POST', "/api/works/$hive->id/jobs/preview", $sent)->json();
        $first = static fn (array $plan): string => Carbon::parse("{$plan['rows'][0]['day']} 2026")->toDateString();
        self::assertGreaterThanOrEqual('2026-11-11', $first($plan));
        self::assertLessThan('2026-11-11', $first($sooner));
        $job = $this->ask('POST', "/api/works/$hive->id/jobs", $sent)->assertCreated()->json();
        self::assertSame('Its wood is to come on 11 November.', $job['next']['says']);
        self::assertSame(['Batch 1 waits for its wood', 'Batch 2 waits for its wood'], array_column(
            $job['rests'],
            'says',
        ));
        $calendar = (string) $this->get('/api/calendar.ics')->getContent();
        $calendar = str_replace(["\r\n ", '\\,'], ['', ','], $calendar);
        self::assertStringContainsString("{$job['name']}, batch 1: the wood should be here", $calendar);
        $chores = $this->ask('GET', '/api/bench')->json('chores');
        self::assertNotContains('go-on-with-job', array_column($chores, 'kind'));
        $this->ask('POST', "/api/jobs/{$job['id']}/sessions", ['version' => $job['version'], 'early' => false])
            ->assertStatus(422);
        $this->ask('POST', "/api/jobs/{$job['id']}/sessions", ['version' => $job['version'], 'early' => true])
            ->assertCreated();
        $this->ask('POST', "/api/works/$hive->id/jobs", [...$sent, 'figures' => ['woodDays' => '900']])
            ->assertStatus(422);
    }

    /** A honing on the way takes steel and paper, as any other: its edge's diary and the stock know. */
    public function test_what_a_job_takes_is_told_before_and_counted_afterwards(): void
    {
        $hive = $this->hive();
        $edges = Edge::query()->get();
        $plan = $this->ask('POST', "/api/works/$hive->id/jobs/preview", self::TEN)->json();
        self::assertMatchesRegularExpression('/It takes 0\.\d+ mm of steel/', implode(' ', $plan['lines']));
        $job = $this->ask('POST', "/api/works/$hive->id/jobs", self::TEN)->json();
        do {
            Carbon::setTestNow(Carbon::now()->addDays(2));
            $job = $this->sit($this->ask('GET', "/api/jobs/{$job['id']}")->json());
        } while ($job['isMade'] === false);
        $honed = EdgeEvent::query()->where('kind', EdgeEntryKind::Honed)->where('note', $job['name'])->get();
        self::assertGreaterThan(0, $honed->count());
        $steel = array_sum($honed->pluck('recession_mm')->all());
        self::assertGreaterThan(0.0, $steel);
        $told = implode(' ', $job['lines']);
        self::assertStringContainsString('That took '.number_format($steel, 2).' mm of steel', $told);
        foreach ($honed as $event) {
            $before = $edges->find($event->edge_id);
            $after = Edge::query()->findOrFail($event->edge_id);
            $grows = $after->secondary_deg > $after->primary_deg || $after->wheel_mm !== null;
            self::assertSame(
                $grows,
                [$before?->honed_mm, $before?->micro_width_mm] !== [$after->honed_mm, $after->micro_width_mm],
                "the bevel of the {$after->name} grows, as at any honing",
            );
        }
    }

    /** Whoever changes the unit in the middle of a job reads it in that unit. */
    public function test_a_job_is_read_in_the_unit_of_now(): void
    {
        $hive = $this->hive();
        $job = $this->ask('POST', "/api/works/$hive->id/jobs", self::TEN)->json();
        $settings = fn (): string => implode(' ', array_column(
            $this->ask('GET', "/api/jobs/{$job['id']}")->json('kinds'),
            'setting',
        ));
        $mm = $settings();
        self::assertMatchesRegularExpression('/\d mm/', $mm);
        $this->ask('PUT', '/api/preferences', ['unit' => 'inch'])->assertOk();
        self::assertDoesNotMatchRegularExpression('/\d mm/', $settings());
        self::assertMatchesRegularExpression('/\d″|\d in|\d\/\d/', $settings());
        $this->ask('PUT', '/api/preferences', ['unit' => 'mm'])->assertOk();
        self::assertSame($mm, $settings());
    }

    public function test_a_photograph_shows_the_step_at_which_the_bench_stands(): void
    {
        $hive = $this->hive();
        $job = $this->ask('POST', "/api/works/$hive->id/jobs", self::TEN)->json();
        $address = "/api/jobs/{$job['id']}/photos";
        $picture = static fn (): array => ['photo' => UploadedFile::fake()->image('one.jpg', 60, 40)];
        $whole = $this->post($address, $picture(), ['Accept' => 'application/json'])->assertCreated()->json();
        self::assertStringStartsWith($job['name'], $whole['photos'][0]['says']);
        $session = $this->tap($this->toBench($job), 2, []);
        $photos = $this->post($address, $picture(), ['Accept' => 'application/json'])->assertCreated()->json('photos');
        self::assertStringStartsWith($session['steps'][2]['title'], $photos[1]['says']);
        $this->get("/api/photos/{$photos[1]['id']}")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->post($address, ['photo' => 'none'], ['Accept' => 'application/json'])->assertStatus(422);
        $gone = $this->ask('DELETE', "/api/photos/{$photos[0]['id']}", ['version' => $photos[0]['version']])->json();
        self::assertCount(1, $this->ask('GET', "/api/jobs/{$job['id']}")->json('photos'));
        $this->ask('POST', "/api/diary/{$gone['id']}/undo")->assertCreated();
        self::assertCount(2, $this->ask('GET', "/api/jobs/{$job['id']}")->json('photos'));
    }

    public function test_what_was_found_stands_with_it_and_a_wrong_gap_is_told(): void
    {
        $hive = $this->hive();
        $job = $this->ask('POST', "/api/works/$hive->id/jobs", self::TEN)->json();
        $sent = ['version' => $job['version'], 'gap' => 'wide', 'found' => ''];
        $this->ask('PUT', "/api/jobs/{$job['id']}/found", $sent)->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'gap');
        $this->ask('PUT', "/api/jobs/{$job['id']}/found", [...$sent, 'gap' => '0.15', 'found' => 'Saw on the line.'])
            ->assertOk()->assertJsonPath('gap', '0.15')->assertJsonPath('found', 'Saw on the line.');
    }

    /** It goes with its work and comes back with it. */
    public function test_a_job_whose_work_is_gone_stands_nowhere(): void
    {
        $hive = $this->hive();
        $job = $this->ask('POST', "/api/works/$hive->id/jobs", self::TEN)->json();
        $removed = $this->ask('DELETE', "/api/works/$hive->id", ['version' => $hive->version])->assertOk()->json();
        $this->ask('GET', "/api/jobs/{$job['id']}")->assertNotFound();
        $this->ask('GET', '/api/bench')->assertOk();
        $this->get('/api/calendar.ics')->assertOk();
        $this->ask('POST', "/api/diary/{$removed['entry']['id']}/undo")->assertCreated();
        $this->ask('GET', "/api/jobs/{$job['id']}")->assertOk();
    }

    private function hive(): Work
    {
        return Work::query()->where('pattern', 'dovetailed-box')->firstOrFail();
    }

    /**
     * @param  array<string, mixed>  $job
     * @return array<string, mixed>
     */
    private function toBench(array $job): array
    {
        return $this->ask('POST', "/api/jobs/{$job['id']}/sessions", ['version' => $job['version'], 'early' => false])
            ->assertCreated()->json();
    }

    /**
     * @param  array<string, mixed>  $session
     * @param  list<int>  $counted
     * @return array<string, mixed>
     */
    private function tap(array $session, int $step, array $counted): array
    {
        return $this->ask('PUT', "/api/sessions/{$session['id']}", [
            'atStep' => $step,
            'phase' => 'fetch',
            'counted' => $counted === [] ? array_fill(0, count($session['steps']), 0) : $counted,
            'version' => $session['version'],
        ])->assertOk()->json();
    }

    /**
     * One sitting, done to its end at once.
     *
     * @param  array<string, mixed>  $job
     * @return array<string, mixed>
     */
    private function sit(array $job): array
    {
        $session = $this->toBench($job);
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", [
            'outcome' => 'done', 'version' => $session['version'],
        ])->assertOk();

        return $this->ask('GET', "/api/jobs/{$job['id']}")->assertOk()->json();
    }

    /** @param  array<string, mixed>  $job */
    private function finish(array $job): void
    {
        while ($job['isMade'] === false) {
            if ($job['restsUntil'] !== null) {
                Carbon::setTestNow(Carbon::parse($job['restsUntil'])->addMinute());
            }
            $job = $this->sit($job);
        }
    }
}
