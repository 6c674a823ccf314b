<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Edge\Edge;
use App\Ledger\DiaryEntry;
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
        $here = DiaryEntry::of(self::bench())->count();
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
        self::assertCount($here + 70, $seen);
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
        $this->withHeader('X-Corrects', (string) $wrong['written']['entry']);
        $log = $this->ask('POST', "/api/edges/{$chisel->id}/events", [
            ...$wrong['typed'], 'minutes' => '25', 'version' => $chisel->version,
        ])->assertCreated();
        $this->withoutHeader('X-Corrects');
        $says = implode(' ', array_column($log->json('entries'), 'says'));
        self::assertStringNotContainsString('250 minutes', $says);
        self::assertStringContainsString('25 minutes', $says);
        $old = $this->ask('GET', "/api/diary/{$wrong['written']['entry']}")->json();
        self::assertTrue($old['undone'], 'kept, and struck through');
        self::assertSame('dull', self::chisel()->condition, 'what happened later stands');
    }

    /** In any order: what happened later stands. */
    public function test_entries_of_any_date_are_undone(): void
    {
        $was = self::chisel()->condition;
        foreach ([['tested', 'line'], ['honed', ''], ['tested', 'pale'], ['touched-up', '']] as [$kind, $found]) {
            $this->write(['kind' => $kind, 'found' => $found, 'minutes' => '', 'wood' => '']);
        }
        $before = count($this->log());
        self::assertSame('sharp', self::chisel()->condition);
        foreach ([2, 0, 1, 0] as $which) {
            $this->ask('POST', "/api/diary/{$this->log()[$which]['written']['entry']}/undo")->assertCreated();
        }
        self::assertCount($before - 4, $this->log());
        self::assertSame($was, self::chisel()->condition);
        $this->ask('GET', '/api/edges/'.self::chisel()->id)->assertOk();
    }

    public function test_an_entry_of_another_edge_or_another_version_is_not_corrected(): void
    {
        $this->write([]);
        $entry = $this->entry('25 minutes')['written']['entry'];
        $other = Edge::of(self::bench())->where('name', '!=', self::chisel()->name)->firstOrFail();
        $this->withHeader('X-Corrects', (string) $entry);
        $this->ask('POST', "/api/edges/{$other->id}/events", [...self::USED, 'version' => $other->version])
            ->assertStatus(409)
            ->assertJsonPath('errors.0.message', 'That entry is of something else: it cannot be corrected here.');
        $this->ask('POST', '/api/edges/'.self::chisel()->id.'/events', [...self::USED, 'version' => 999])
            ->assertStatus(409);
        self::assertFalse($this->ask('GET', "/api/diary/$entry")->json('undone'));
    }

    /** What is about no record belongs to a place all the same. */
    public function test_an_entry_about_the_shop_leads_to_its_place(): void
    {
        $this->ask('POST', '/api/season/air', ['figures' => ['temperature' => '7', 'humidity' => '80']]);
        $this->ask('GET', '/api/diary?q=The shop’s air')
            ->assertJsonPath('entries.0.about', ['kind' => 'season', 'id' => null]);
        $this->ask('PUT', '/api/care/damp', ['damp' => 'dry']);
        $this->ask('GET', '/api/diary?q=The shop’s air is')
            ->assertJsonPath('entries.0.about', ['kind' => 'care', 'id' => null]);
    }

    /** A later touch-up tells how the edge is; what was found before it does not. */
    public function test_what_is_written_of_an_earlier_day_does_not_say_how_the_edge_is_now(): void
    {
        $this->write(['kind' => 'honed', 'minutes' => '', 'wood' => '']);
        $honedOn = self::chisel()->honed_on;
        $this->write(['kind' => 'tested', 'found' => 'line', 'minutes' => '', 'day' => '2026-06-01']);
        $this->write(['kind' => 'honed', 'minutes' => '', 'day' => '2026-06-02']);
        self::assertSame('sharp', self::chisel()->condition);
        self::assertSame($honedOn, self::chisel()->honed_on);
    }

    /** Each line of a file stands under its own day, is corrected alone, and goes with the file. */
    public function test_lines_of_a_file_stand_in_the_diary_of_the_bench(): void
    {
        $lines = "day;edge;what;minutes;wood\n2026-06-03;12 mm chisel;used;21;soft\n"
            ."2026-06-04;12 mm chisel;used;22;hard\n";
        $file = $this->ask('POST', '/api/files/diary', ['text' => $lines, 'name' => 'shed.csv'])
            ->assertCreated()
            ->json('id');
        $line = $this->ask('GET', '/api/diary?q=21 minutes')
            ->assertJsonPath('entries.0.happenedOn', '2026-06-03')
            ->assertJsonPath('entries.0.correctable', true)
            ->json('entries.0');
        $wrong = $this->entry('21 minutes');
        self::assertSame($line['id'], $wrong['written']['entry']);

        $this->withHeader('X-Corrects', (string) $line['id']);
        $this->write([...$wrong['typed'], 'minutes' => '12']);
        $this->withoutHeader('X-Corrects');
        $says = implode(' ', array_column($this->log(), 'says'));
        self::assertStringNotContainsString('21 minutes', $says);
        self::assertStringContainsString('12 minutes', $says);
        self::assertStringContainsString('22 minutes', $says);

        $this->ask('POST', "/api/diary/$file/undo")->assertCreated();
        $says = implode(' ', array_column($this->log(), 'says'));
        self::assertStringNotContainsString('22 minutes', $says);
        self::assertStringContainsString('12 minutes', $says, 'what was typed is no line of the file');
        $this->ask('GET', '/api/diary?q=22 minutes')->assertJsonPath('entries.0.undone', true);
    }

    /** A test read wrong is typed again: the old one is kept, the new one is of the same moment. */
    public function test_a_reading_is_corrected_where_it_was_typed(): void
    {
        $square = self::referencePath('200 mm try square');
        $this->travel(-20)->days();
        $this->ask('POST', "$square/tests", [...self::squareTest(['0.62']), 'version' => 1, 'planed' => false])
            ->assertCreated();
        $entry = $this->ask('GET', '/api/diary?q=tested the 200 mm try square')->json('entries.0');
        $this->travelBack();
        self::assertTrue($entry['correctable']);
        $typed = $this->ask('GET', "/api/diary/{$entry['id']}/typed")->assertJsonPath('unit', 'mm')->json();
        $body = json_decode($typed['body'], true);
        self::assertSame(['0.62'], $body['lists'][0]['typed']);

        $body['lists'][0]['typed'] = ['0.26'];
        $before = $this->ask('GET', $square)->json();
        $this->withHeader('X-Corrects', (string) $entry['id']);
        $after = $this->ask('POST', "$square/tests", [...$body, 'version' => $before['version']])
            ->assertCreated()
            ->json();
        self::assertSameSize($before['history']['tests'], $after['history']['tests']);
        self::assertSame(
            array_column($before['history']['tests'], 'testedAt'),
            array_column($after['history']['tests'], 'testedAt'),
        );
        self::assertNotSame($before['history']['tests'], $after['history']['tests']);
        self::assertTrue($this->ask('GET', "/api/diary/{$entry['id']}")->json('undone'));
    }

    /** @param  array<string, string>  $typed */
    private function write(array $typed): void
    {
        $chisel = self::chisel();
        $this->ask('POST', "/api/edges/{$chisel->id}/events", [
            ...self::USED, ...$typed, 'version' => $chisel->version,
        ])->assertCreated();
    }

    /** @return list<array{written: array{entry: int}, says: string, typed: array<string, string>}> */
    private function log(): array
    {
        return $this->ask('GET', '/api/edges/'.self::chisel()->id.'/log?count=5000')->json('entries');
    }

    /** @return array{written: array{entry: int}, says: string, typed: array<string, string>} */
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
