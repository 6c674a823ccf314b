<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Edge\Edge;
use App\Tool\Tool;
use Illuminate\Support\Carbon;

/** Everything dated stands in the diary under the day it happened, and can be corrected or undone at any time. */
final class DiaryDayTest extends HttpTestCase
{
    private const USED = [
        'kind' => 'used', 'day' => '', 'minutes' => '25', 'wood' => 'soft', 'strokes' => '', 'found' => '',
        'stone' => '', 'deg' => '', 'note' => '',
    ];

    public function test_what_is_written_down_later_stands_under_its_day(): void
    {
        $day = Carbon::now()->subDays(9)->toDateString();
        $this->write(['day' => $day, 'minutes' => '17']);
        $entries = $this->ask('GET', '/api/diary?q=17 minutes')->json('entries');
        self::assertSame($day, $entries[0]['happenedOn']);
        self::assertSame(Carbon::now()->toDateString(), substr($entries[0]['writtenAt'], 0, 10));
        $days = array_column($this->ask('GET', '/api/diary')->json('entries'), 'happenedOn');
        $sorted = $days;
        rsort($sorted);
        self::assertSame($sorted, $days, 'the latest day first');
        $tool = Tool::of(self::bench())->where('kind', 'mallet')->firstOrFail();
        $this->ask('POST', "/api/tools/{$tool->id}/used", ['day' => $day, 'work' => null])->assertCreated();
        self::assertContains($day, array_column(
            $this->ask('GET', '/api/diary?q=Used the')->json('entries'),
            'happenedOn',
        ));
    }

    /** Every entry once, however the days and the writing are mixed. */
    public function test_older_pages_leave_nothing_out(): void
    {
        foreach (range(1, 70) as $number) {
            $day = Carbon::now()->subDays(($number * 7) % 23)->toDateString();
            $this->write(['day' => $day, 'minutes' => (string) $number]);
        }
        $seen = [];
        $before = '';
        do {
            $page = $this->ask('GET', "/api/diary?x=1$before")->assertOk()->json();
            $seen = [...$seen, ...array_column($page['entries'], 'id')];
            $before = '&before='.$seen[count($seen) - 1];
        } while ($page['more']);
        self::assertCount(77, $seen);
        self::assertSame($seen, array_values(array_unique($seen)));
    }

    public function test_an_entry_leads_to_its_place_while_that_is_there(): void
    {
        $this->write([]);
        $chisel = self::chisel();
        $this->ask('GET', '/api/diary?q=25 minutes')
            ->assertJsonPath('entries.0.about', ['kind' => 'edge', 'id' => $chisel->id]);
        $this->ask('DELETE', "/api/edges/{$chisel->id}", ['version' => $chisel->version])
            ->assertOk()
            ->assertJsonPath('about', null);
        $this->ask('GET', '/api/diary?q=25 minutes')->assertJsonPath('entries.0.about', null);
    }

    public function test_an_old_entry_is_corrected_and_the_old_one_kept(): void
    {
        $this->write(['day' => '2026-06-01', 'minutes' => '250']);
        $this->write(['kind' => 'tested', 'found' => 'line', 'minutes' => '', 'wood' => '']);
        $wrong = $this->entry('250 minutes');
        self::assertSame('250', $wrong['typed']['minutes']);
        $chisel = self::chisel();
        $log = $this->ask('PUT', "/api/edges/{$chisel->id}/events/{$wrong['entry']}", [
            ...$wrong['typed'], 'minutes' => '25', 'version' => $chisel->version,
        ])->assertOk();
        $says = implode(' ', array_column($log->json('entries'), 'says'));
        self::assertStringNotContainsString('250 minutes', $says);
        self::assertStringContainsString('25 minutes', $says);
        $old = $this->ask('GET', "/api/diary/{$wrong['entry']}")->json();
        self::assertTrue($old['undone'], 'kept, and struck through');
        self::assertSame('dull', self::chisel()->condition, 'what happened later stands');
    }

    /** In any order: what happened later stands. */
    public function test_entries_of_any_date_are_undone(): void
    {
        foreach ([['tested', 'line'], ['honed', ''], ['tested', 'pale'], ['touched-up', '']] as [$kind, $found]) {
            $this->write(['kind' => $kind, 'found' => $found, 'minutes' => '', 'wood' => '']);
        }
        $before = count($this->log());
        self::assertSame('sharp', self::chisel()->condition);
        foreach ([2, 0, 1, 0] as $which) {
            $entries = array_values(array_filter(array_column($this->log(), 'entry'), is_int(...)));
            $this->ask('POST', "/api/diary/{$entries[$which]}/undo")->assertCreated();
        }
        self::assertGreaterThanOrEqual(0, $before);
        self::assertSame([], array_filter(array_column($this->log(), 'entry'), is_int(...)));
        $this->ask('GET', '/api/edges/'.self::chisel()->id)->assertOk();
    }

    public function test_an_entry_of_another_edge_or_another_version_is_not_corrected(): void
    {
        $this->write([]);
        $entry = $this->entry('25 minutes')['entry'];
        $other = Edge::of(self::bench())->where('name', '!=', self::chisel()->name)->firstOrFail();
        $this->ask('PUT', "/api/edges/{$other->id}/events/$entry", [...self::USED, 'version' => $other->version])
            ->assertNotFound();
        $this->ask('PUT', '/api/edges/'.self::chisel()->id."/events/$entry", [...self::USED, 'version' => 999])
            ->assertStatus(409);
    }

    /** @param  array<string, string>  $typed */
    private function write(array $typed): void
    {
        $chisel = self::chisel();
        $this->ask('POST', "/api/edges/{$chisel->id}/events", [
            ...self::USED, ...$typed, 'version' => $chisel->version,
        ])->assertCreated();
    }

    /** @return list<array{entry: int|null, says: string, typed: array<string, string>}> */
    private function log(): array
    {
        return $this->ask('GET', '/api/edges/'.self::chisel()->id.'/log')->json('entries');
    }

    /** @return array{entry: int|null, says: string, typed: array<string, string>} */
    private function entry(string $says): array
    {
        foreach ($this->log() as $entry) {
            if (str_contains($entry['says'], $says)) {
                return $entry;
            }
        }
        self::fail("$says stands nowhere.");
    }

    private static function chisel(): Edge
    {
        return Edge::of(self::bench())->where('name', '12 mm chisel')->firstOrFail();
    }
}
