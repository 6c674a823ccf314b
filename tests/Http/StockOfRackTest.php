<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Bench\Bench;
use App\Bench\User;
use App\Stone\Stone;
use App\Tool\Tool;
use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Rack\StonesOfKind;
use JackRest\Core\Tool\ToolKinds;

/** What lies in the rack is what the kit sharpens with, whichever place it was added in. */
final class StockOfRackTest extends HttpTestCase
{
    private const STOCK = ['waterstones', 'oilstones', 'diamond-plates', 'paper-on-glass'];

    private const STONE = [
        'name' => '',
        'medium' => 'waterstone',
        'scale' => 'jis',
        'designation' => '1000',
        'price' => '36',
        'lasts' => '',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $bench = Bench::query()->create(['name' => 'empty']);
        User::query()->firstOrFail()->update(['bench_id' => $bench->id]);
        $this->ask('POST', '/api/works', [
            'name' => 'box', 'pattern' => 'dovetailed-box', 'measures' => (object) [], 'steps' => [],
            'hardness' => 'soft', 'due' => null, 'weight' => 1,
        ])->assertCreated();
    }

    public function test_an_empty_bench_is_told_to_get_a_way_to_sharpen(): void
    {
        self::assertNotSame([], $this->asked());
    }

    /** Each medium that hones: put into the rack, nothing to sharpen with is asked for any more. */
    public function test_what_lies_in_the_rack_is_not_asked_for(): void
    {
        foreach ([Medium::Waterstone, Medium::Oilstone, Medium::DiamondPlate, Medium::Paper] as $medium) {
            $this->ask('POST', '/api/stones', [
                ...self::STONE, 'medium' => $medium->value, 'scale' => 'micron', 'designation' => '9',
            ])->assertCreated();
            self::assertSame([], $this->asked(), $medium->value);
            $this->ask('GET', '/api/kit')->assertJsonCount(1, 'rack');
            $stone = Stone::query()->latest('id')->firstOrFail();
            $this->ask('DELETE', "/api/stones/{$stone->id}", ['version' => 1])->assertOk();
            self::assertNotSame([], $this->asked(), $medium->value);
        }
    }

    public function test_stones_got_in_the_kit_lie_in_the_rack_with_their_price(): void
    {
        $offer = array_column($this->tools(), 'offer', 'kind')[$this->asked()[0]];
        $paid = array_column($this->tools(), 'cost', 'kind')[$this->asked()[0]];
        $this->ask('POST', "/api/kit/offers/$offer/got")->assertOk();
        $rack = $this->ask('GET', '/api/rack')->json('stones');
        self::assertNotSame([], $rack);
        self::assertEqualsWithDelta($paid, array_sum(array_column($rack, 'price')), 0.05);
        self::assertSame([], $this->asked());
    }

    public function test_a_tool_and_its_stones_go_together_and_come_back_together(): void
    {
        $tool = $this->hang('waterstones');
        self::assertGreaterThan(0, Stone::query()->where('bench_id', $tool->bench_id)->count());
        $entry = $this->ask('DELETE', "/api/tools/{$tool->id}", ['version' => $tool->version])->json('entry.id');
        $this->ask('GET', '/api/rack')->assertJsonPath('stones', []);
        self::assertNotSame([], $this->asked());
        $this->ask('POST', "/api/diary/$entry/undo")->assertSuccessful();
        self::assertNotSame([], $this->ask('GET', '/api/rack')->json('stones'));
        foreach ($this->ask('GET', '/api/rack')->json('stones') as $stone) {
            $this->ask('DELETE', "/api/stones/{$stone['id']}", ['version' => $stone['version']])->assertOk();
        }
        self::assertSame(0, Tool::query()->where('kind', 'waterstones')->where('bench_id', $tool->bench_id)->count());
    }

    public function test_what_is_lent_is_not_here_though_its_stones_are_known(): void
    {
        $tool = $this->hang('waterstones');
        $lend = ['to' => 'Ilse', 'on' => '2026-11-20', 'askOn' => null, 'version' => $tool->version];
        $this->ask('POST', "/api/tools/{$tool->id}/lent", $lend)->assertOk();
        self::assertSame([], $this->asked(), 'it is not bought again');
    }

    public function test_every_medium_that_hones_has_its_kind(): void
    {
        foreach (Medium::cases() as $medium) {
            $kind = StonesOfKind::kindOf($medium);
            self::assertTrue($kind !== null || ! $medium->hones(), $medium->value);
            if ($kind !== null) {
                self::assertSame($kind, ToolKinds::named($kind)->id);
                self::assertTrue(StonesOfKind::isStock($kind), $kind);
            }
        }
    }

    private function hang(string $kind): Tool
    {
        $this->ask('POST', '/api/tools', [
            'kind' => $kind, 'figures' => (object) [], 'name' => '', 'status' => 'owned', 'price' => '',
        ])->assertCreated();

        return Tool::query()->latest('id')->firstOrFail();
    }

    /** @return list<array{offer: string, kind: string, cost: float}> */
    private function tools(): array
    {
        return array_values(
            array_merge(...array_column($this->ask('GET', '/api/kit/ladder')->json('rungs'), 'tools')),
        );
    }

    /** @return list<string> kinds to hone on that the ladder wants got */
    private function asked(): array
    {
        return array_values(array_intersect(array_column($this->tools(), 'kind'), self::STOCK));
    }
}
