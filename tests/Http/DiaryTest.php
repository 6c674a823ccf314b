<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Tool\Tool;
use Database\Factories\DiaryEntryFactory;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

final class DiaryTest extends HttpTestCase
{
    private static function plane(): Tool
    {
        return Tool::of(self::bench())->where('kind', 'rebate-plane')->firstOrFail();
    }

    private function got(): int
    {
        $plane = self::plane();
        $this->ask('POST', "/api/tools/{$plane->id}/got", ['version' => $plane->version])->assertOk();

        return (int) $this->ask('GET', '/api/diary')->json('entries.0.id');
    }

    public function test_undo_is_an_entry_of_its_own_and_puts_the_record_back(): void
    {
        $entry = $this->got();
        $this->ask('POST', "/api/diary/$entry/undo")
            ->assertCreated()
            ->assertJsonPath('sentence', 'Undone: Got the rebate plane, 30 mm iron, beech; it hangs on the board.');

        self::assertSame('wanted', self::plane()->status->value);
        $this->ask('GET', '/api/diary')
            ->assertJsonPath('entries.1.undone', true)
            ->assertJsonPath('entries.1.undoable', false);
    }

    public function test_an_undoing_can_be_undone(): void
    {
        $undo = $this->ask('POST', '/api/diary/'.$this->got().'/undo')->json('id');
        $this->ask('POST', "/api/diary/$undo/undo")->assertCreated();
        self::assertSame('owned', self::plane()->status->value);
    }

    public function test_nothing_is_undone_twice(): void
    {
        $entry = $this->got();
        $this->ask('POST', "/api/diary/$entry/undo")->assertCreated();
        $this->ask('POST', "/api/diary/$entry/undo")
            ->assertStatus(409)
            ->assertJsonPath('errors.0.message', 'This has been undone already.');
    }

    public function test_of_two_the_first_is_undone_and_the_later_stands(): void
    {
        $plane = self::plane();
        $this->ask('PUT', "/api/tools/{$plane->id}/price", ['version' => 1, 'price' => '70']);
        $first = $this->ask('GET', '/api/diary')->json('entries.0.id');
        $this->ask('PUT', "/api/tools/{$plane->id}/price", ['version' => 2, 'price' => '80']);
        $second = $this->ask('GET', '/api/diary')->json('entries.0.id');

        $this->ask('POST', "/api/diary/$first/undo")
            ->assertCreated()
            ->assertJsonPath(
                'sentence',
                'Undone: Price of the rebate plane, 30 mm iron, beech: € 70. What was recorded later stands.',
            );
        self::assertSame(80.0, self::plane()->price);
        $this->ask('POST', "/api/diary/$second/undo")->assertCreated();
        self::assertSame(65.0, self::plane()->price);
    }

    public function test_undoing_backwards_leads_back_to_the_start(): void
    {
        $plane = self::plane();
        foreach (['70', '80', '90'] as $index => $price) {
            $this->ask('PUT', "/api/tools/{$plane->id}/price", [
                'version' => $index + 1,
                'price' => $price,
            ])->assertOk();
        }
        $entries = array_slice($this->ask('GET', '/api/diary')->json('entries.*.id'), 0, 3);
        foreach ($entries as $entry) {
            $this->ask('POST', "/api/diary/$entry/undo")->assertCreated();
        }
        self::assertSame(65.0, self::plane()->price);
    }

    public function test_a_created_record_is_laid_aside_by_undo_and_comes_back(): void
    {
        $this->ask('POST', self::referencePath('200 mm try square').'/tests', [
            ...self::squareTest(['0.32']),
            'version' => 1,
            'planed' => false,
        ])->assertCreated();
        $entry = $this->ask('GET', '/api/diary')->json('entries.0.id');
        $undo = $this->ask('POST', "/api/diary/$entry/undo")
            ->assertCreated()
            ->json('id');
        $this->ask('GET', self::referencePath('200 mm try square'))->assertJsonCount(5, 'history.tests');
        $this->ask('POST', "/api/diary/$undo/undo")->assertCreated();
        $this->ask('GET', self::referencePath('200 mm try square'))->assertJsonCount(6, 'history.tests');
    }

    public function test_the_database_itself_refuses_to_change_an_entry(): void
    {
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('append-only');
        DB::table('diary_entries')
            ->where('id', 1)
            ->update(['sentence' => 'It never fell.']);
    }

    public function test_the_database_itself_refuses_to_delete_an_entry(): void
    {
        $this->expectException(QueryException::class);
        DB::table('diary_entries')->delete();
    }

    public function test_search_takes_every_word_and_no_wildcards(): void
    {
        $found = $this->ask('GET', '/api/diary?q=smoothing honed')->json('entries.*.sentence');
        self::assertGreaterThan(1, count($found));
        foreach ($found as $sentence) {
            self::assertMatchesRegularExpression('/^(?=.*smoothing).*honed/i', $sentence);
        }
        $this->ask('GET', '/api/diary?q=%')->assertJsonCount(0, 'entries');
    }

    public function test_a_long_diary_comes_in_pages(): void
    {
        foreach (range(1, 60) as $day) {
            DiaryEntryFactory::at(self::bench())
                ->saying("Day $day.")
                ->createOne();
        }
        $newest = $this->ask('GET', '/api/diary')->assertJsonCount(50, 'entries')->assertJsonPath('more', true);
        $this->ask('GET', '/api/diary?before='.$newest->json('entries.49.id'))
            ->assertJsonCount(50, 'entries')
            ->assertJsonPath('more', true);
    }
}
