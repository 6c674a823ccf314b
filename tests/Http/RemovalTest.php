<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Tool\Tool;

/** What is taken off the board, and the way back. */
final class RemovalTest extends HttpTestCase
{
    private static function mallet(): Tool
    {
        return Tool::of(self::bench())->where('kind', 'mallet')->firstOrFail();
    }

    /** @return array<string, mixed> */
    private static function edit(int $version, string $name): array
    {
        return ['version' => $version, 'figures' => (object) [], 'name' => $name, 'status' => 'owned', 'price' => ''];
    }

    private function latest(): int
    {
        return (int) $this->ask('GET', '/api/diary')->json('entries.0.id');
    }

    public function test_a_removed_tool_is_out_of_every_list_and_kept_in_the_database(): void
    {
        $mallet = self::mallet();
        $this->ask('DELETE', "/api/tools/{$mallet->id}", ['version' => 1])->assertOk();

        self::assertNotContains('mallet', $this->ask('GET', '/api/kit')->json('shapes.*.kind'));
        $this->ask('GET', '/api/search?q=mallet, apple')->assertJsonMissing(['kind' => 'tool']);
        self::assertTrue(Tool::withTrashed()->findOrFail($mallet->id)->trashed());
    }

    public function test_what_was_changed_before_can_be_undone_while_it_is_gone(): void
    {
        $mallet = self::mallet();
        $this->ask('PUT', "/api/tools/{$mallet->id}", self::edit(1, 'heavy mallet'))->assertOk();
        $change = $this->latest();
        $this->ask('DELETE', "/api/tools/{$mallet->id}", ['version' => 2])->assertOk();
        $removal = $this->latest();

        $this->ask('POST', "/api/diary/$change/undo")->assertCreated();
        self::assertTrue(Tool::withTrashed()->findOrFail($mallet->id)->trashed());
        $this->ask('POST', "/api/diary/$removal/undo")->assertCreated();
        self::assertSame('mallet, apple wood', self::mallet()->name);
    }

    public function test_a_removal_is_undone_once(): void
    {
        $this->ask('DELETE', '/api/tools/'.self::mallet()->id, ['version' => 1])->assertOk();
        $removal = $this->latest();
        $this->ask('POST', "/api/diary/$removal/undo")->assertCreated();
        $this->ask('POST', "/api/diary/$removal/undo")
            ->assertStatus(409)
            ->assertJsonPath('errors.0.message', 'This has been undone already.');
    }

    public function test_undoing_the_undoing_takes_it_off_again(): void
    {
        $this->ask('DELETE', '/api/tools/'.self::mallet()->id, ['version' => 1])->assertOk();
        $this->ask('POST', "/api/diary/{$this->latest()}/undo")->assertCreated();
        $this->ask('POST', "/api/diary/{$this->latest()}/undo")->assertCreated();
        self::assertNotContains('mallet', $this->ask('GET', '/api/kit')->json('shapes.*.kind'));
    }

    public function test_a_window_that_saw_an_older_state_removes_nothing(): void
    {
        $mallet = self::mallet();
        $this->ask('PUT', "/api/tools/{$mallet->id}", self::edit(1, 'heavy mallet'))->assertOk();
        $this->ask('DELETE', "/api/tools/{$mallet->id}", ['version' => 1])->assertStatus(409);
        $this->ask('DELETE', "/api/tools/{$mallet->id}")
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'version');
        self::assertSame('heavy mallet', self::mallet()->name);
    }

    public function test_the_edge_of_a_removed_tool_goes_and_comes_back(): void
    {
        $chisel = Tool::of(self::bench())->where('name', 'bevel-edge chisel, 12 mm')->firstOrFail();
        $edges = count($this->ask('GET', '/api/edges')->json('edges'));
        $this->ask('DELETE', "/api/tools/{$chisel->id}", ['version' => 1])->assertOk();
        self::assertNotContains('12 mm chisel', $this->ask('GET', '/api/edges')->json('edges.*.name'));
        $this->ask('POST', "/api/diary/{$this->latest()}/undo")->assertCreated();
        $this->ask('GET', '/api/edges')->assertJsonCount($edges, 'edges');
    }

    public function test_removing_what_was_only_wanted_loses_no_work(): void
    {
        $wanted = Tool::of(self::bench())->where('status', 'wanted')->firstOrFail();
        $this->ask('DELETE', "/api/tools/{$wanted->id}", ['version' => 1])
            ->assertOk()
            ->assertJsonPath('loses', []);
    }

    public function test_without_a_way_to_sharpen_nearly_everything_stops(): void
    {
        $stones = Tool::of(self::bench())->where('kind', 'waterstones')->firstOrFail();
        $loses = $this->ask('DELETE', "/api/tools/{$stones->id}", ['version' => 1])
            ->assertOk()
            ->json('loses');
        self::assertCount(5, $loses);
        $this->ask('GET', '/api/kit')->assertJsonPath('next.says', 'Get the abrasive paper on glass: € 25.');
    }

    public function test_a_tool_of_another_bench_is_out_of_reach(): void
    {
        $id = self::mallet()->id;
        \Demo\DemoBench::leave();
        foreach (['GET', 'PUT', 'DELETE'] as $method) {
            $this->ask($method, "/api/tools/$id", self::edit(1, 'mine'))->assertNotFound();
        }
        $this->ask('GET', self::workPath('hive bodies'))->assertNotFound();
    }
}
