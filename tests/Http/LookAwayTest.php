<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Ledger\DiaryEntry;
use App\Stall\LookOver;
use App\Stall\Mend;
use App\Tool\Tool;

/** The stall without connection: what a phone takes along, and what it brings back. */
final class LookAwayTest extends HttpTestCase
{
    /**
     * @param  array<string, mixed>  $to
     * @return array<string, mixed>
     */
    private static function brought(array $to = []): array
    {
        return [
            'kind' => 'jack-plane',
            'unit' => 'mm',
            'begunAt' => '2026-11-28T10:00:00Z',
            'state' => 'open',
            'asked' => '30',
            'found' => [
                ['check' => 'cracks', 'outcome' => 'sound', 'readings' => []],
                ['check' => 'rust', 'outcome' => 'mend', 'readings' => []],
                ['check' => 'sole', 'outcome' => null, 'readings' => ['0.05']],
            ],
            ...$to,
        ];
    }

    /** Every standing of every kind would be thousands of questions: some, each as the look-over itself answers. */
    public function test_the_prices_taken_along_are_those_of_the_bench(): void
    {
        $away = $this->ask('GET', '/api/looks/away')
            ->assertOk()
            ->json();
        $listed = $this->ask('GET', '/api/looks')->json('kinds');
        self::assertSame(array_column($listed, 'value'), array_column($away['kinds'], 'kind'));
        $kinds = array_column($away['kinds'], null, 'kind');
        mt_srand(3);
        foreach (['jack-plane', 'dovetail-saw', 'brace', 'marking-gauge', 'bench-chisel'] as $name) {
            $kind = $kinds[$name];
            $look = $this->ask('POST', '/api/looks', ['kind' => $name])->json();
            for ($time = 0; $time < 4; $time++) {
                [$place, $found] = self::standing($kind['checks']);
                $look = $this->ask('PUT', "/api/looks/{$look['id']}", [
                    ...array_intersect_key($look, ['version' => 1, 'name' => 1, 'good' => 1, 'perHour' => 1]),
                    'asked' => '',
                    'found' => $found,
                ])->assertOk()->json();
                self::assertSame("€ {$kind['most'][$place]}", $look['most'], $name);
            }
        }
    }

    /**
     * @param  list<array<string, mixed>>  $checks
     * @return array{int, list<array<string, mixed>>} the place of the price, and what was found
     */
    private static function standing(array $checks): array
    {
        $place = 0;
        $counts = 1;
        $found = [];
        foreach ($checks as $check) {
            $standing = mt_rand(0, $check['standings'] - 1);
            $place += $counts * $standing;
            $counts *= $check['standings'];
            $found[] = [
                'check' => $check['id'],
                'outcome' => [null, 'sound', 'mend'][$standing],
                'readings' => [],
            ];
        }

        return [$place, $found];
    }

    public function test_what_was_found_there_goes_on_at_the_bench(): void
    {
        $look = $this->ask('POST', '/api/looks/brought', self::brought())
            ->assertCreated()
            ->assertJsonPath('state', 'open')
            ->assertJsonPath('asked', '30')
            ->assertJsonPath('nextCheck', 'mouth')
            ->json();
        $outcomes = array_column($look['checks'], 'outcome', 'id');
        self::assertSame(['sound', 'mend', 'sound'], [$outcomes['cracks'], $outcomes['rust'], $outcomes['sole']]);
        self::assertSame('2026-11-28T10:00:00Z', LookOver::query()->where('id', $look['id'])->value('begun_at'));
        $entry = DiaryEntry::query()->latest('id')->firstOrFail();
        self::assertSame('Looked the jack plane over at the stall.', $entry->sentence);
        $this->ask('POST', "/api/diary/{$entry->id}/undo")->assertCreated();
        $this->ask('GET', "/api/looks/{$look['id']}")->assertNotFound();
    }

    public function test_what_was_bought_there_hangs_in_the_kit_once(): void
    {
        $tools = Tool::query()->count();
        $sent = self::brought(['state' => 'bought']);
        $this->withHeader('X-Once', '0f8fad5b-d9cb-469f-a165-70867728950e');
        $look = $this->ask('POST', '/api/looks/brought', $sent)
            ->assertCreated()
            ->assertJsonPath('state', 'bought')
            ->json();
        $this->ask('POST', '/api/looks/brought', $sent)->assertStatus(409)->assertJsonPath('errors.0.field', 'once');
        $this->flushHeaders();
        self::assertSame($tools + 1, Tool::query()->count());
        self::assertSame(30.0, (float) Tool::query()->where('id', $look['toolId'])->value('price'));
        self::assertSame(1, Mend::query()->where('tool_id', $look['toolId'])->count());
        $this->ask('POST', '/api/looks/brought', self::brought(['state' => 'left', 'asked' => 'much']))
            ->assertCreated()
            ->assertJsonPath('state', 'left');
        self::assertSame('Left the jack plane at the stall.', DiaryEntry::query()->latest('id')->value('sentence'));
    }

    public function test_what_makes_no_sense_is_refused_and_a_clock_that_goes_ahead_is_set_right(): void
    {
        $senseless = ['kind' => 'story-stick', 'unit' => 'ell', 'begunAt' => 'then', 'state' => 'stolen'];
        foreach ($senseless as $field => $wrong) {
            $this->ask('POST', '/api/looks/brought', self::brought([$field => $wrong]))
                ->assertStatus(422)
                ->assertJsonPath('errors.0.field', $field);
        }
        $look = $this->ask('POST', '/api/looks/brought', self::brought(['begunAt' => '2099-01-01T00:00:00Z']))
            ->json();
        self::assertLessThan('2099', LookOver::query()->where('id', $look['id'])->value('begun_at'));
    }
}
