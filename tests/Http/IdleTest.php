<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Tool\Tool;
use App\Work\Work;
use Demo\DemoBench;
use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\TestWith;

/** What stands idle, what could go, what is lent, what is put away. */
final class IdleTest extends HttpTestCase
{
    private static function named(string $name): Tool
    {
        return Tool::of(self::bench())
            ->where('name', 'like', "$name%")
            ->firstOrFail();
    }

    public function test_six_stand_idle_and_one_is_lent(): void
    {
        $page = $this->ask('GET', '/api/kit/idle')->assertOk()->json();
        self::assertCount(6, array_filter($page['tools'], static fn (array $tool): bool => $tool['isIdle']));
        self::assertSame(['sliding bevel, 190 mm blade'], array_column($page['lent'], 'name'));
        self::assertSame('bradawl', $page['tools'][0]['name']);
        self::assertSame('No chosen work asks for it.', $page['tools'][0]['why']);
        self::assertTrue($page['byWorth']['isProven']);
        self::assertStringContainsString('and nothing would be lost.', $page['next']['says']);
    }

    /** What is put away leaves the board, not the record, and the coverage is as it was. */
    public function test_putting_the_whole_set_away_loses_nothing(): void
    {
        $before = $this->ask('GET', '/api/works')->json('works.*.says');
        $page = $this->ask('GET', '/api/kit/idle')->json();
        $after = $this->ask('POST', '/api/kit/idle/away', ['tools' => $page['byWorth']['ids']])
            ->assertOk()
            ->json();
        self::assertCount(count($page['byWorth']['ids']), $after['away']);
        self::assertSame([], $after['byWorth']['ids']);
        self::assertSame($before, $this->ask('GET', '/api/works')->json('works.*.says'));
        self::assertNotContains('bradawl', $this->ask('GET', '/api/kit')->json('board.*.name'));
        $this->ask('GET', "/api/tools/{$page['byWorth']['ids'][0]}")->assertOk();
        $this->ask('POST', "/api/tools/{$after['away'][0]['id']}/hung", ['version' => $after['away'][0]['version']])
            ->assertOk()
            ->assertJsonCount(count($after['away']) - 1, 'away');
        $this->ask('POST', '/api/kit/idle/away', ['tools' => [999999]])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'tools');
    }

    public function test_what_is_kept_for_its_own_sake_is_left_alone(): void
    {
        $scraper = self::named('card scraper');
        $page = $this->ask('PUT', "/api/tools/{$scraper->id}/kept", ['version' => 1, 'kept' => true])
            ->assertOk()
            ->json();
        self::assertNotContains($scraper->id, $page['byWorth']['ids']);
        self::assertFalse(array_column($page['tools'], 'isIdle', 'name')[$scraper->name]);
    }

    public function test_a_lent_tool_is_not_at_hand_and_is_asked_for(): void
    {
        $mallet = self::named('mallet');
        $today = Carbon::now()->toDateString();
        $this->ask('POST', "/api/tools/{$mallet->id}/lent", [
            'version' => 1,
            'to' => 'Jorun',
            'on' => $today,
            'askOn' => $today,
        ])
            ->assertOk()
            ->assertJsonFragment(['to' => 'Jorun']);
        $this->ask('GET', '/api/diary')->assertJsonPath('entries.0.sentence', 'Lent the mallet, apple wood to Jorun.');
        self::assertSame(
            'Jorun',
            array_column($this->ask('GET', '/api/kit')->json('board'), 'lentTo', 'name')['mallet, apple wood'],
        );
        $bench = $this->ask('GET', '/api/bench');
        // Once among the small lines, for its day has come; once among what holds the work up, for it is wanted.
        self::assertContains('Ask Jorun for the mallet, apple wood.', $bench->json('upkeep.*.says'));
        self::assertContains('Ask Jorun for the mallet, apple wood.', $bench->json('chores.*.says'));
        self::assertNotContains('Get a mallet.', $bench->json('chores.*.says'));
        $this->ask('POST', "/api/upkeep/lent-{$mallet->id}/done")
            ->assertOk()
            ->assertJsonMissing(['says' => 'Ask Jorun for the mallet, apple wood.']);
        self::assertTrue(self::named('mallet')->isAtHand());
    }

    #[TestWith(['to', ''])]
    #[TestWith(['on', '2999-01-01'])]
    #[TestWith(['askOn', '2001-01-01'])]
    public function test_a_day_to_come_or_nobody_is_refused_beside_its_field(string $field, string $typed): void
    {
        $mallet = self::named('mallet');
        $lend = ['version' => 1, 'to' => 'Jorun', 'on' => Carbon::now()->toDateString(), 'askOn' => ''];
        $this->ask('POST', "/api/tools/{$mallet->id}/lent", [...$lend, $field => $typed])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', $field);
    }

    public function test_a_use_is_written_down_and_the_tool_is_idle_no_more(): void
    {
        $dividers = self::named('dividers');
        $work = Work::of(self::bench())->where('name', 'hive bodies')->firstOrFail();
        $this->ask('POST', "/api/tools/{$dividers->id}/used", [
            'day' => Carbon::now()->toDateString(),
            'work' => $work->id,
        ])
            ->assertCreated()
            ->assertJsonPath('sentence', 'Used the dividers, 150 mm for the hive bodies.');
        $tools = array_column($this->ask('GET', '/api/kit/idle')->json('tools'), null, 'name');
        self::assertSame(
            [false, 'Used today.'],
            [$tools['dividers, 150 mm']['isIdle'], $tools['dividers, 150 mm']['used']],
        );
        $this->ask('POST', "/api/tools/{$dividers->id}/used", ['day' => '2999-01-01', 'work' => null])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'day');
        $this->ask('POST', "/api/tools/{$dividers->id}/used", ['day' => '2026-01-01', 'work' => 999999])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'work');
    }

    /** What came is held against what it was got for. */
    public function test_the_last_purchases_are_held_against_their_purpose(): void
    {
        $wanted = self::named('router plane');
        $this->ask('POST', "/api/tools/{$wanted->id}/got", ['version' => 1])->assertOk();
        $purchases = array_column($this->ask('GET', '/api/kit/idle')->json('purchases'), null, 'name');
        self::assertSame('Used for: frame jig.', $purchases['scrub plane, an old smoother opened up']['usedFor']);
        self::assertNotNull(self::named('router plane')->hung_on);
    }

    public function test_without_works_or_tools_nothing_is_said_to_go(): void
    {
        Work::of(self::bench())
            ->update(['chosen' => false]);
        $this->ask('GET', '/api/kit/idle')
            ->assertJsonPath('next.says', 'Choose what you want to make.')
            ->assertJsonPath('byWorth.ids', []);
        DemoBench::leave();
        $this->ask('GET', '/api/kit/idle')
            ->assertJsonPath('next.says', 'Hang up what you have first.')
            ->assertJsonPath('tools', []);
        $this->ask('GET', '/api/care')->assertJsonPath('rounds', []);
    }
}
