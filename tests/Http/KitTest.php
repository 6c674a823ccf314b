<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Tool\Tool;

final class KitTest extends HttpTestCase
{
    private static function wanted(string $kind): Tool
    {
        return Tool::of(self::bench())->where('kind', $kind)->where('status', 'wanted')->firstOrFail();
    }

    public function test_it_names_the_next_tool_and_what_the_whole_plan_comes_to(): void
    {
        $this->ask('GET', '/api/kit')
            ->assertJsonPath('next.says', 'Get the rebate plane, 30 mm iron, beech: € 65.')
            ->assertJsonPath(
                'next.why',
                'Better: rebate along the grain. Hive bodies, well made: € 65 in all.',
            )
            ->assertJsonPath('next.toolId', self::wanted('rebate-plane')->id)
            ->assertJsonPath('plan.sentence', '4 tools, € 317, make all your works possible.')
            ->assertJsonPath('plan.provenOptimal', true);
    }

    public function test_orchard_row_owns_about_forty_five_tools_and_wants_eight(): void
    {
        $statuses = array_count_values(
            array_map(strval(...), (array) $this->ask('GET', '/api/kit')->json('board.*.status')),
        );
        self::assertSame(8, $statuses['wanted'] ?? 0);
        self::assertEqualsWithDelta(45, $statuses['owned'] ?? 0, 5);
    }

    public function test_got_it_hangs_the_tool_up_and_the_work_can_be_made(): void
    {
        $tool = self::wanted('rebate-plane');
        $this->ask('POST', "/api/tools/{$tool->id}/got", ['version' => 1])
            ->assertOk()
            ->assertJsonPath('next.says', 'Make the paring block: about 20 minutes, € 2 of wood.')
            ->assertJsonPath('works.0.state', 'now');
        self::assertNotContains('get-tool', $this->ask('GET', '/api/bench')->json('chores.*.kind'));
    }

    public function test_an_offer_of_the_plan_can_be_got_and_undone(): void
    {
        $this->ask('POST', '/api/kit/offers/paring-block/got')->assertOk()->assertJsonPath('works.2.state', 'now');
        $entry = $this->ask('GET', '/api/diary')
            ->assertJsonPath('entries.0.sentence', 'Made the paring block; it hangs on the board.')
            ->json('entries.0.id');
        $this->ask('POST', "/api/diary/$entry/undo")->assertCreated();
        $this->ask('GET', '/api/kit')->assertJsonPath('works.2.state', 'planned')->assertJsonCount(54, 'board');
    }

    public function test_an_offer_can_go_on_the_list_where_it_gets_a_price(): void
    {
        $this->ask('POST', '/api/kit/offers/fret-saw/want')->assertNotFound();
        $this->ask('POST', '/api/kit/offers/bow-saw/want')->assertOk();
        $saw = self::wanted('bow-saw');
        self::assertNull($saw->price);
        $this->ask('PUT', "/api/tools/{$saw->id}/price", ['version' => 1, 'price' => '31'])->assertOk();
    }

    public function test_an_offer_nobody_makes_is_not_found(): void
    {
        $this->ask('POST', '/api/kit/offers/philosophers-plane/got')->assertNotFound();
    }

    public function test_a_price_changes_the_plan(): void
    {
        $tool = self::wanted('rebate-plane');
        $this->ask('PUT', "/api/tools/{$tool->id}/price", ['version' => 1, 'price' => '120,50'])
            ->assertJsonPath('next.says', 'Get the shoulder plane, 20 mm iron: € 110.')
            ->assertJsonPath('plan.cost', 362);
    }

    public function test_a_price_that_is_none_gets_a_sentence_and_changes_nothing(): void
    {
        $tool = self::wanted('rebate-plane');
        foreach (['-5', 'cheap', '', '1e9'] as $price) {
            $this->ask('PUT', "/api/tools/{$tool->id}/price", ['version' => 1, 'price' => $price])
                ->assertStatus(422)
                ->assertJsonPath('errors.0.field', 'price');
        }
        self::assertSame(65.0, $tool->refresh()->price);
    }

    public function test_the_second_window_is_told(): void
    {
        $tool = self::wanted('rebate-plane');
        $this->ask('PUT', "/api/tools/{$tool->id}/price", ['version' => 1, 'price' => '70'])->assertOk();
        $this->ask('PUT', "/api/tools/{$tool->id}/price", ['version' => 1, 'price' => '80'])
            ->assertStatus(409)
            ->assertJsonPath('errors.0.field', 'version');
        self::assertSame(70.0, $tool->refresh()->price);
    }
}
