<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Edge\Edge;
use App\Edge\EdgeEvent;
use App\Ledger\DiaryEntry;
use App\Reference\Reference;
use App\Reference\ReferenceTest;
use App\Session\BenchSession;
use App\Stall\LookOver;
use App\Tool\Tool;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Desk\Edge\SharpeningForm;

/** One event, one date; one job, one time; one thing, one price: wherever the demo shows them. */
final class DemoAgreesTest extends HttpTestCase
{
    public function test_an_edge_was_honed_when_its_diary_says_so(): void
    {
        foreach (Edge::of(self::bench())->get() as $edge) {
            $kinds = [EdgeEntryKind::Honed, EdgeEntryKind::TouchedUp];
            $honed = $edge->events()->whereIn('kind', $kinds)->max('happened_at');
            self::assertSame(self::day($edge->honed_on), self::day($honed), "honed, the {$edge->name}");
            $page = $this->ask('GET', "/api/edges/{$edge->id}")->json('edge');
            $listed = array_column($this->ask('GET', '/api/edges')->json('edges'), null, 'id')[$edge->id];
            self::assertEquals($listed, $page);
            $log = $this->ask('GET', "/api/edges/{$edge->id}/log")->json();
            $ahead = array_column($this->ask('GET', '/api/edges/outlook')->json('edges'), null, 'edgeId')[$edge->id];
            self::assertSame($log['forecast'], $ahead['forecast'], $edge->name);
        }
    }

    public function test_what_the_diary_tells_of_an_edge_stands_in_the_edges_own(): void
    {
        $told = DiaryEntry::of(self::bench())->where('subject_type', 'edge')->where('kind', 'honed')->get();
        self::assertGreaterThan(1, $told->count());
        foreach ($told as $entry) {
            $there = EdgeEvent::of(self::bench())->where('edge_id', $entry->subject_id)
                ->where('kind', EdgeEntryKind::Honed)
                ->where('happened_at', 'like', $entry->day().'%');
            self::assertTrue($there->exists(), $entry->day().": {$entry->sentence}");
        }
    }

    public function test_a_session_is_in_the_diary_of_its_edge(): void
    {
        $sessions = BenchSession::of(self::bench())->where('subject_type', 'edge')->get();
        self::assertGreaterThan(5, $sessions->count());
        foreach ($sessions as $session) {
            $there = EdgeEvent::of(self::bench())
                ->where('edge_id', $session->subject_id)
                ->where('kind', EdgeEntryKind::Honed)
                ->where('happened_at', 'like', self::day($session->ended_at).'%');
            self::assertTrue($there->exists(), "{$session->title}, {$session->ended_at}");
        }
    }

    public function test_what_the_diary_tells_of_a_test_is_what_the_test_found(): void
    {
        $told = DiaryEntry::of(self::bench())->where('kind', 'reference-tested')->get();
        self::assertGreaterThan(1, $told->count());
        foreach ($told as $entry) {
            preg_match('/: ([\d.]+) mm ± ([\d.]+) mm out, (within|outside|can’t)/', $entry->sentence, $said);
            $tests = ReferenceTest::of(self::bench())->where('reference_id', $entry->subject_id)->get();
            $same = $tests->filter(
                static fn (ReferenceTest $test): bool => self::day($test->tested_at) === $entry->day() &&
                    abs(abs($test->error_mm) - (float) ($said[1] ?? -1)) < 0.006,
            );
            self::assertGreaterThan(0, $same->count(), $entry->sentence);
        }
    }

    public function test_a_reference_has_one_tolerance_and_one_day(): void
    {
        foreach ($this->ask('GET', '/api/references')->json('references') as $listed) {
            $reference = Reference::of(self::bench())->whereKey($listed['id'])->firstOrFail();
            $page = $this->ask('GET', "/api/references/{$listed['id']}")->assertOk()->json();
            self::assertEquals($listed['toleranceMm'], $reference->toleranceMm(), $listed['name']);
            $last = $reference->tests()->max('tested_at');
            self::assertSame(self::day($listed['testedAt']), self::day($last), $listed['name']);
            self::assertStringContainsString(self::plain($listed['name']), self::plain((string) json_encode($page)));
        }
    }

    public function test_a_honing_takes_as_long_on_the_bench_as_on_its_page(): void
    {
        $bench = $this->ask('GET', '/api/bench')->json();
        $typed = array_fill_keys(SharpeningForm::FIELDS, '');
        $seen = 0;
        foreach ($bench['chores'] as $chore) {
            if ($chore['kind'] !== 'sharpen-edge') {
                continue;
            }
            $edge = Edge::of(self::bench())->whereKey($chore['about']['id'])->firstOrFail();
            $plan = $this->ask('POST', "/api/edges/{$edge->id}/plan", [...$typed, 'condition' => $edge->condition]);
            self::assertStringStartsWith("{$chore['minutes']} min: ", $plan->json('minutes'), $edge->name);
            $seen++;
        }
        self::assertGreaterThan(2, $seen);
        $before = array_filter(
            $bench['chores'],
            static fn (array $chore): bool => $chore['kind'] !== 'go-on-with-job',
        );
        self::assertSame(array_sum(array_column($before, 'minutes')), $bench['minutes']);
        self::assertStringContainsString("about {$bench['minutes']} minutes", $bench['why']);
    }

    public function test_as_many_tools_hang_here_wherever_they_are_counted(): void
    {
        $kit = $this->ask('GET', '/api/kit')->json();
        $owned = array_filter($kit['board'], static fn (array $tool): bool => $tool['status'] === 'owned');
        $kept = Tool::of(self::bench())->where('status', 'owned')->whereNull('away_on')->count();
        self::assertCount($kept, $owned);
        $ladder = $this->ask('GET', '/api/kit/ladder')->json();
        self::assertSame($kit['plan']['tools'], $ladder['tools']);
        self::assertEquals($kit['plan']['cost'], $ladder['total']);
        self::assertSame($kit['next']['says'], $ladder['says']);
    }

    public function test_a_tool_has_one_price(): void
    {
        $board = array_column($this->ask('GET', '/api/kit')->json('wanted'), null, 'id');
        $seen = 0;
        foreach ($this->ask('GET', '/api/kit/ladder')->json('rungs') as $rung) {
            foreach ($rung['tools'] as $tool) {
                if ($tool['toolId'] !== null && $tool['ownPrice'] === true) {
                    self::assertEquals($board[$tool['toolId']]['price'], $tool['cost'], $tool['name']);
                    self::assertEquals(
                        $tool['cost'],
                        $this->ask('GET', "/api/tools/{$tool['toolId']}")->json('tool.price'),
                        $tool['name'],
                    );
                    $seen++;
                }
            }
        }
        self::assertGreaterThan(0, $seen);
    }

    /** A tool that was bought at a stall came on the day it was bought. */
    public function test_a_bought_tool_came_when_it_was_bought(): void
    {
        foreach (LookOver::of(self::bench())->whereNotNull('tool_id')->get() as $look) {
            $tool = Tool::of(self::bench())->whereKey($look->tool_id)->firstOrFail();
            self::assertSame(self::day($look->begun_at), $tool->hung_on);
        }
    }

    private static function day(?string $at): ?string
    {
        return $at === null ? null : substr($at, 0, 10);
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{A0}", ' ', $text);
    }
}
