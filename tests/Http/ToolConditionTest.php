<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Edge\Edge;
use App\Stone\Stone;
use App\Tool\Tool;
use JackRest\Desk\Edge\SharpeningForm;

/** A tool that comes in is asked how it is; nothing is sharp that nobody has looked at. */
final class ToolConditionTest extends HttpTestCase
{
    public function test_a_tool_that_comes_in_is_not_called_sharp(): void
    {
        $edge = $this->add('smoothing-plane', 'unknown');
        self::assertSame('unknown', $edge->condition);
        $this->ask('GET', "/api/edges/{$edge->id}")->assertJsonPath('edge.says', 'Not looked at yet');
        $this->ask('GET', "/api/edges/{$edge->id}/log")
            ->assertJsonPath('forecast', 'Look at it first: nobody has said how it is.');
        $chores = array_column($this->ask('GET', '/api/bench')->json('chores'), 'kind', 'says');
        self::assertSame('look-at-edge', $chores["Look at the {$edge->name}."] ?? null);
        self::assertNotContains($edge->id, array_column($this->dueOnTheDay(), 'id'), 'it is looked at first');
    }

    /** Common practice, no source: a neglected tool begins with its back. */
    public function test_what_is_said_of_the_tool_is_said_of_its_edge(): void
    {
        self::assertSame('sharp', $this->add('smoothing-plane', 'works')->condition);
        self::assertSame('dull', $this->add('block-plane', 'wants-honing')->condition);
        self::assertSame('back', $this->add('paring-chisel', 'wants-work')->condition);
        self::assertSame('dull', $this->add('bench-gouge', 'wants-work')->condition, 'it has no back to flatten');
    }

    /** Common practice, no source: the back comes first. How long it takes depends on the stone, and there is none. */
    public function test_an_edge_that_cannot_be_planned_says_what_it_waits_for_and_no_minutes(): void
    {
        $edge = $this->add('smoothing-plane', 'wants-work');
        $chore = "Flatten the back of the {$edge->name}.";
        self::assertIsInt($this->chore($chore)['minutes']);
        Stone::of(self::bench())->delete();
        self::assertNull($this->chore($chore)['minutes']);
        self::assertStringContainsString('There is no stone in your rack yet.', $this->chore($chore)['why']);
        $said = (string) $this->get('/api/calendar.ics')->getContent();
        self::assertStringContainsString('Flatten the back', $said, 'the calendar calls it the same');
    }

    /** @return array{minutes: int|null, why: string} */
    private function chore(string $says): array
    {
        return array_column($this->ask('GET', '/api/bench')->json('chores'), null, 'says')[$says];
    }

    public function test_what_was_got_is_asked_in_one_tap_and_undone_like_everything(): void
    {
        $this->add('smoothing-plane', null);
        $asked = $this->ask('GET', '/api/kit')->json('unlooked');
        self::assertCount(1, $asked);
        $path = "/api/tools/{$asked[0]['id']}/condition";
        $this->ask('PUT', $path, ['version' => $asked[0]['version'], 'condition' => 'wants-honing'])
            ->assertOk()
            ->assertJsonPath('asks.found', 'wants-honing')
            ->assertJsonPath('edges.0.says', 'Dull');
        $this->ask('GET', '/api/kit')->assertJsonPath('unlooked', []);
        $latest = $this->ask('GET', '/api/diary')->json('entries.0');
        self::assertSame('Looked at the '.$asked[0]['name'].': wants sharpening.', $latest['sentence']);
        $this->ask('POST', "/api/diary/{$latest['id']}/undo")->assertSuccessful();
        $this->ask('GET', '/api/kit')->assertJsonPath('unlooked.0.id', $asked[0]['id']);
    }

    /** An edge that was looked at meanwhile knows better than the tool. */
    public function test_an_edge_that_was_looked_at_keeps_what_was_seen(): void
    {
        $edge = $this->add('smoothing-plane', 'unknown');
        $edge->update(['condition' => 'nicked']);
        $works = ['version' => 1, 'condition' => 'works'];
        $this->ask('PUT', "/api/tools/{$edge->tool_id}/condition", $works)->assertOk();
        self::assertSame('nicked', $edge->refresh()->condition);
    }

    public function test_a_saw_that_wants_sharpening_is_filed_and_then_works(): void
    {
        $saw = $this->tool('tenon-saw', 'wants-honing');
        $filing = "File the {$saw->name}.";
        self::assertContains($filing, $this->chores());
        $form = [
            'figures' => [
                'tpi' => '11', 'rake' => '14', 'fleam' => '20', 'slope' => '0',
                'set' => '0.1', 'plate' => '0.6', 'length' => '300', 'depth' => '80',
            ],
            'use' => 'cross',
            'state' => 'dull',
            'hardened' => false,
        ];
        $this->finish("/api/saws/{$saw->id}/sessions", $form);
        self::assertNotContains($filing, $this->chores());
    }

    public function test_what_has_no_edge_is_not_asked(): void
    {
        $mallet = $this->tool('mallet', 'wants-work');
        self::assertNull($mallet->condition);
        $this->ask('GET', "/api/tools/{$mallet->id}")->assertJsonPath('asks', null);
        $this->ask('PUT', "/api/tools/{$mallet->id}/condition", ['version' => 1, 'condition' => 'works'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'condition');
    }

    public function test_a_back_that_was_flattened_leaves_the_bevel_to_be_honed(): void
    {
        $edge = $this->add('paring-chisel', 'wants-work');
        $form = array_fill_keys(
            SharpeningForm::FIELDS,
            '',
        );
        $this->finish("/api/edges/{$edge->id}/sessions", [...$form, 'condition' => 'back'], $edge->version);
        self::assertSame('dull', $edge->refresh()->condition);
        self::assertNull($edge->honed_on);
    }

    /** @param  array<string, mixed>  $form */
    private function finish(string $path, array $form, int $version = 1): void
    {
        $id = $this->ask('POST', $path, [...$form, 'version' => $version])->assertCreated()->json('id');
        $this->ask('POST', "/api/sessions/$id/finish", ['outcome' => 'done', 'version' => 1])->assertOk();
    }

    private function add(string $kind, ?string $condition): Edge
    {
        return Edge::ofTool($this->tool($kind, $condition))->firstOrFail();
    }

    private function tool(string $kind, ?string $condition): Tool
    {
        $this->ask('POST', '/api/tools', [
            'kind' => $kind,
            'figures' => (object) [],
            'name' => '',
            'status' => 'owned',
            'price' => '',
            ...$condition === null ? [] : ['condition' => $condition],
        ])->assertCreated();

        return Tool::of(self::bench())->latest('id')->firstOrFail();
    }

    /** @return list<string> */
    private function chores(): array
    {
        return array_column($this->ask('GET', '/api/bench')->json('chores'), 'says');
    }

    /** @return list<array{id: int, due: bool}> */
    private function dueOnTheDay(): array
    {
        return array_values(
            array_filter(
                $this->ask('POST', '/api/day', [])->json('edges'),
                static fn (array $edge): bool => $edge['due'],
            ),
        );
    }
}
