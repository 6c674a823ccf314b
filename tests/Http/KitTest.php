<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Tool;

final class KitTest extends HttpTestCase
{
    private static function wanted(string $kind): Tool
    {
        return self::bench()->tools()->where('kind', $kind)->where('status', 'wanted')->firstOrFail();
    }

    public function test_it_names_the_cheapest_way_to_do_all_of_the_work(): void
    {
        $this->ask('GET', '/api/kit')
            ->assertJsonPath('plan.sentence', 'Get the rebate plane: € 65 closes the gap.')
            ->assertJsonPath('plan.provenOptimal', true)
            ->assertJsonPath('plan.purchases.0.toolId', self::wanted('rebate-plane')->id);
    }

    public function test_got_it_hangs_the_tool_up_and_closes_the_gap(): void
    {
        $tool = self::wanted('rebate-plane');
        $this->ask('POST', "/api/tools/{$tool->id}/got", ['version' => 1])
            ->assertOk()
            ->assertJsonPath('plan.purchases', [])
            ->assertJsonPath('plan.sentence', 'Everything the hive bodies ask for can be done with what hangs here.');
        self::assertNotContains('get-tool', $this->ask('GET', '/api/bench')->json('chores.*.kind'));
    }

    public function test_a_price_changes_the_plan(): void
    {
        $tool = self::wanted('rebate-plane');
        $this->ask('PUT', "/api/tools/{$tool->id}/price", ['version' => 1, 'price' => '120,50'])
            ->assertJsonPath('plan.purchases.0.name', 'shoulder plane')
            ->assertJsonPath('plan.cost', 110);
    }

    public function test_a_price_that_is_none_gets_a_sentence_and_changes_nothing(): void
    {
        $tool = self::wanted('rebate-plane');
        foreach (['-5', 'cheap', '', '1e9'] as $price) {
            $this->ask('PUT', "/api/tools/{$tool->id}/price", ['version' => 1, 'price' => $price])
                ->assertStatus(422)->assertJsonPath('errors.0.field', 'price');
        }
        self::assertSame(65.0, $tool->refresh()->price);
    }

    public function test_the_second_window_is_told(): void
    {
        $tool = self::wanted('rebate-plane');
        $this->ask('PUT', "/api/tools/{$tool->id}/price", ['version' => 1, 'price' => '70'])->assertOk();
        $this->ask('PUT', "/api/tools/{$tool->id}/price", ['version' => 1, 'price' => '80'])
            ->assertStatus(409)->assertJsonPath('errors.0.field', 'version');
        self::assertSame(70.0, $tool->refresh()->price);
    }
}
