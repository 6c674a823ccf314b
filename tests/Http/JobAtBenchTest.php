<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Edge\Edge;
use App\Edge\EdgeEvent;
use App\Job\WorkJob;
use App\Pace\StepTime;
use App\Tool\ToolUse;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\Job\Pace;

/** A work at the bench, while by while: what is done, what it took, what it leaves in the diaries. */
final class JobAtBenchTest extends JobTestCase
{
    public function test_a_while_at_the_bench_is_kept_and_the_edges_have_their_minutes(): void
    {
        $hive = $this->hive();
        $job = $this->ask('POST', "/api/works/$hive->id/jobs", self::TEN)->assertCreated()->json();
        $uses = ToolUse::query()->count();
        $session = $this->toBench($job);
        self::assertLessThanOrEqual(12, count($session['steps']));
        $hands = $this->ask('GET', "/api/sessions/{$session['id']}/hands")->assertOk()->json('steps');
        self::assertCount(count($session['steps']), $hands);
        self::assertContains('mark', array_column($hands, 'drawing'));
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
}
