<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Bench\Bench;
use App\Job\WorkJob;
use App\Ledger\DiaryEntry;
use App\Tool\Tool;
use Database\Factories\BenchFactory;
use Database\Factories\DiaryEntryFactory;
use Database\Factories\ToolFactory;
use Demo\DemoBench;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

final class DemoTest extends HttpTestCase
{
    public function test_a_bench_that_is_there_is_left_as_it_is(): void
    {
        self::assertFalse(DemoBench::loadIfEmpty());
        self::assertSame(1, Bench::query()->count());
    }

    public function test_reset_puts_everything_back(): void
    {
        $tool = Tool::of(self::bench())->where('kind', 'rebate-plane')->firstOrFail();
        $entries = DiaryEntry::of(self::bench())->pluck('sentence')->all();
        $this->ask('POST', "/api/tools/{$tool->id}/got", ['version' => 1])->assertOk();
        $entry = $this->ask('GET', '/api/diary')->json('entries.0.id');
        $this->ask('POST', "/api/diary/$entry/undo")->assertCreated();

        DemoBench::reset();

        $this->ask('GET', '/api/bench')->assertJsonPath('minutes', 21)->assertJsonPath('ready', false);
        self::assertSame($entries, DiaryEntry::of(self::bench())->pluck('sentence')->all());
        self::assertSame(1, Bench::query()->count());
    }

    public function test_leaving_the_demo_begins_with_an_empty_bench_and_keeps_both(): void
    {
        DemoBench::leave();
        $this->ask('GET', '/api/kit')
            ->assertJsonPath('board', [])
            ->assertJsonPath('next.says', 'Say what you want to make.');
        $this->ask('GET', '/api/bench')->assertJsonPath('work', null)->assertJsonPath('chores.0.kind', 'choose-work');
        $this->ask('POST', '/api/tools', [
            'kind' => 'mallet',
            'figures' => (object) [],
            'name' => '',
            'status' => 'owned',
            'price' => '',
        ])->assertCreated();

        DemoBench::reset();
        $this->ask('GET', '/api/kit')->assertJsonCount(54, 'board');
        DemoBench::leave();
        $this->ask('GET', '/api/kit')->assertJsonCount(1, 'board');
    }

    public function test_reset_leaves_the_diary_guarded(): void
    {
        DemoBench::reset();
        $this->expectException(QueryException::class);
        DB::table('diary_entries')->where('id', '>', 0)->delete();
    }

    public function test_another_bench_is_not_touched_nor_seen(): void
    {
        $other = BenchFactory::new()->createOne();
        $strange = ToolFactory::at($other)->named('mallet of another bench')->createOne();
        DiaryEntryFactory::at($other)->saying('Elsewhere.')->createOne();

        DemoBench::reset();

        self::assertSame(1, DiaryEntry::of($other)->count());
        $this->ask('POST', "/api/tools/{$strange->id}/got", ['version' => 1])->assertNotFound();
        $this->ask('GET', '/api/search?q=mallet of another')->assertJsonPath('hits', []);
        self::assertNotContains('Elsewhere.', $this->ask('GET', '/api/diary')->json('entries.*.sentence'));
    }

    public function test_an_entry_of_another_bench_cannot_be_undone(): void
    {
        $entry = DiaryEntryFactory::at(BenchFactory::new()->createOne())->createOne();
        $this->ask('POST', "/api/diary/{$entry->id}/undo")->assertNotFound();
    }

    /** Ten hive bodies, four of them made, the next four begun. */
    public function test_four_of_ten_hive_bodies_are_made(): void
    {
        $job = WorkJob::query()->with('work')->firstOrFail();
        self::assertSame([10, 4], [$job->pieces, $job->batch]);
        $glued = $begun = 0;
        foreach ($job->plan() as $at => $step) {
            $glued += $step->operation === 'assemble' && $job->isDone($at, $step) ? $step->units : 0;
            $begun += $step->batch === 1 && $job->isDone($at, $step) ? 1 : 0;
        }
        self::assertSame([4, 6], [$glued, $begun]);
        $page = $this->ask('GET', "/api/jobs/{$job->id}")->assertOk()->json();
        self::assertFalse($page['isMade']);
        self::assertContains('next', array_column($page['rows'], 'state'));
        self::assertGreaterThan(3, count($page['phases']));
    }

    public function test_people_tools_and_prices_of_the_demo_are_complete(): void
    {
        foreach (Tool::of(self::bench())->get() as $tool) {
            self::assertNotSame('', $tool->kindOfTool()->name);
            self::assertNotSame([], $tool->size, $tool->name);
            self::assertSame($tool->status->value === 'wanted', $tool->price !== null, $tool->name);
        }
    }
}
