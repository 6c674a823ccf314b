<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Edge\EdgeEvent;
use App\Job\WorkJob;
use App\Reference\Reference;
use App\Tool\Tool;
use Illuminate\Support\Carbon;

/** The plan of a work that is made: what it says, what it waits for, what is found. */
final class JobTest extends JobTestCase
{
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

    /** The first of two sittings undone, the second stands: each part of what is done goes with its own entry. */
    /** Every minute planned goes into the diary of an edge, and no other. */
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
}
