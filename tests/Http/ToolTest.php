<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Tool\Tool;

final class ToolTest extends HttpTestCase
{
    private static function named(string $name): Tool
    {
        return Tool::of(self::bench())
            ->where('name', 'like', "$name%")
            ->firstOrFail();
    }

    /** @param  array<string, mixed>  $change */
    private static function saw(array $change = []): mixed
    {
        return [
            ...[
                'kind' => 'dovetail-saw',
                'figures' => ['tpi' => '18', 'depth' => '40'],
                'name' => '',
                'status' => 'owned',
                'price' => '',
            ],
            ...$change,
        ];
    }

    public function test_every_kind_can_be_chosen_and_says_what_it_is(): void
    {
        $kinds = $this->ask('GET', '/api/kinds')->assertOk()->json('kinds');
        self::assertGreaterThanOrEqual(90, count($kinds));
        $saw = array_values(array_filter($kinds, static fn (array $kind): bool => $kind['id'] === 'dovetail-saw'))[0];
        self::assertSame(
            ['teeth per inch', 'depth under the back', 'length of the toothed edge'],
            array_column(array_filter($saw['dimensions'], static fn (array $row): bool => $row['asked']), 'label'),
        );
    }

    public function test_a_tool_is_understood_while_it_is_typed(): void
    {
        $this->ask('POST', '/api/tools/preview', [
            'kind' => 'dovetail-saw',
            'figures' => ['tpi' => '19 ppi'],
            'name' => '',
        ])
            ->assertOk()
            ->assertJsonPath('figures.tpi.understood', '18 teeth, 19 points per inch')
            ->assertJsonPath('name', 'dovetail saw, 250 mm, 18 teeth per inch')
            ->assertJsonPath('outline.widthMm', 370)
            ->assertJsonPath('sound', true);
    }

    public function test_what_cannot_be_is_told_beside_its_figure(): void
    {
        $this->ask('POST', '/api/tools/preview', [
            'kind' => 'jack-plane',
            'figures' => ['iron' => '70', 'width' => '60'],
            'name' => '',
        ])
            ->assertJsonPath('figures.iron.error', 'The iron (70 mm) cannot be wider than the body (60 mm).')
            ->assertJsonPath('sound', false);
        $this->ask('POST', '/api/tools', self::saw(['figures' => ['tpi' => 'fine']]))
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'figures.tpi');
        $this->ask('POST', '/api/tools', self::saw(['kind' => 'light sabre']))
            ->assertStatus(422)
            ->assertJsonPath('errors.0.message', 'Choose which kind of tool it is.');
        $this->ask('POST', '/api/tools', self::saw(['price' => 'much', 'status' => 'wanted']))
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'price');
        self::assertSame(54, Tool::of(self::bench())->count());
    }

    public function test_a_tool_is_hung_up_with_what_was_read_and_can_be_undone(): void
    {
        $page = $this->ask('POST', '/api/tools', self::saw())
            ->assertCreated()
            ->assertJsonPath('tool.name', 'dovetail saw, 250 mm, 18 teeth per inch');
        self::assertEquals(
            ['tpi' => 18, 'depth' => 40],
            Tool::of(self::bench())->where('id', $page->json('tool.id'))->firstOrFail()->size,
        );
        $entry = $this->ask('GET', '/api/diary')->json('entries.0.id');
        $this->ask('POST', "/api/diary/$entry/undo")->assertCreated();
        $this->ask('GET', "/api/tools/{$page->json('tool.id')}")->assertNotFound();
    }

    public function test_inches_are_kept_as_millimetres(): void
    {
        $this->ask('PUT', '/api/preferences', ['unit' => 'inch']);
        $this->ask('POST', '/api/tools', [
            'kind' => 'bench-chisel',
            'figures' => ['width' => '1/2'],
            'name' => '',
            'status' => 'owned',
            'price' => '',
        ])
            ->assertJsonPath('tool.name', 'bevel-edge chisel, 1/2 in')
            ->assertJsonPath('sizes.0.text', '1/2 in');
    }

    public function test_a_tools_page_tells_what_it_serves_and_what_would_stop_without_it(): void
    {
        $saw = self::named('dovetail saw');
        $page = $this->ask('GET', "/api/tools/{$saw->id}")->assertOk();

        self::assertContains('saw dovetails to the line', $page->json('serves.*.operation'));
        $page
            ->assertJsonPath('loses', ['hive bodies: saw dovetails to the line'])
            ->assertJsonPath('bite', 'It bites 1.21 times the model, from 3 counted cuts (1.12 to 1.31).');
        self::assertSame(
            ['25 mm chisel'],
            $this->ask('GET', '/api/tools/'.self::named('bevel-edge chisel, 25')->id)->json('edges.*.name'),
        );
    }

    public function test_a_wanted_tool_says_what_it_is_worth(): void
    {
        $this->ask('GET', '/api/tools/'.self::named('rebate plane')->id)->assertJsonPath(
            'worth',
            'It is on the ladder.',
        );
        $this->ask('GET', '/api/tools/'.self::named('moving fillister')->id)->assertJsonPath(
            'worth',
            'It becomes worth it below € 65.',
        );
        $this->ask('GET', '/api/tools/'.self::named('tenon saw')->id)->assertJsonPath(
            'worth',
            'No work you chose needs it.',
        );
    }

    public function test_changing_a_dimension_changes_what_can_be_done(): void
    {
        $saw = self::named('dovetail saw');
        $this->ask('PUT', "/api/tools/{$saw->id}", [
            'version' => 1,
            'figures' => ['tpi' => '15', 'depth' => '20'],
            'name' => 'shallow saw',
            'status' => 'owned',
            'price' => '',
        ])
            ->assertOk()
            ->assertJsonPath('tool.name', 'shallow saw');
        $tasks = $this->ask('GET', self::workPath('hive bodies'))->json('tasks');
        $says = array_column($tasks, 'says', 'operation');
        self::assertStringContainsString(
            'has depth under the back 20 mm, this takes at least 22 mm',
            $says['saw-dovetail'],
        );
    }

    public function test_the_second_window_keeps_its_figures(): void
    {
        $saw = self::named('dovetail saw');
        $body = ['version' => 1, 'figures' => ['tpi' => '14'], 'name' => 'saw', 'status' => 'owned', 'price' => ''];
        $this->ask('PUT', "/api/tools/{$saw->id}", $body)->assertOk();
        $this->ask('PUT', "/api/tools/{$saw->id}", $body)->assertStatus(409);
        $this->ask('DELETE', "/api/tools/{$saw->id}", ['version' => 1])->assertStatus(409);
    }

    public function test_removing_a_tool_a_work_depends_on_says_so(): void
    {
        $saw = self::named('dovetail saw');
        $this->ask('DELETE', "/api/tools/{$saw->id}", ['version' => 1])
            ->assertOk()
            ->assertJsonPath('loses', ['hive bodies: saw dovetails to the line']);
        $this->ask('GET', '/api/diary')->assertJsonPath(
            'entries.0.sentence',
            'Took the dovetail saw, 250 mm, 15 teeth per inch off the board. Without it – hive bodies: saw dovetails '
                .'to the line.',
        );
    }

    /** Its square goes with it and comes back with it. */
    public function test_taking_a_tool_off_can_be_undone_with_all_that_hung_on_it(): void
    {
        $square = self::named('try square, 200');
        $removed = $this->ask('DELETE', "/api/tools/{$square->id}", ['version' => 1])->assertOk();
        $this->ask('GET', "/api/tools/{$square->id}")->assertNotFound();
        self::assertNotContains('200 mm try square', $this->ask('GET', '/api/references')->json('references.*.name'));

        $this->ask('POST', "/api/diary/{$removed->json('entry.id')}/undo")->assertCreated();
        $this->ask('GET', "/api/tools/{$square->id}")->assertOk();
        self::assertContains('200 mm try square', $this->ask('GET', '/api/references')->json('references.*.name'));
    }

    public function test_counted_strokes_correct_the_saw(): void
    {
        $saw = self::named('carcase saw');
        $count = ['version' => 1, 'thickness' => '22', 'depth' => '22', 'hardness' => 'soft', 'strokes' => '12'];
        $this->ask('POST', "/api/tools/{$saw->id}/strokes", $count)
            ->assertCreated()
            ->assertJsonPath(
                'sentence',
                'Counted 12 strokes of the carcase saw, 280 mm, 12 teeth per inch: 22 mm deep in 22 mm of soft wood.',
            );
        self::assertStringStartsWith('It bites ', (string) $this->ask('GET', "/api/tools/{$saw->id}")->json('bite'));
        $this->ask('POST', "/api/tools/{$saw->id}/strokes", $count)->assertStatus(409);
        $this->ask('POST', "/api/tools/{$saw->id}/strokes", ['version' => 2, 'strokes' => 'ten or so'] + $count)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'strokes');
        $this->ask('POST', '/api/tools/'.self::named('mallet')->id.'/strokes', $count)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.message', 'Strokes are counted for saws.');
    }
}
