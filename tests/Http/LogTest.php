<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Edge\Edge;
use App\Stone\Stone;

final class LogTest extends HttpTestCase
{
    private const ENTRY = [
        'kind' => 'used',
        'day' => '',
        'minutes' => '25',
        'wood' => 'soft',
        'strokes' => '',
        'found' => '',
        'stone' => '',
        'deg' => '',
        'note' => '',
        'version' => 1,
    ];

    private static function edge(string $name = '25 mm chisel'): Edge
    {
        return Edge::of(self::bench())->where('name', $name)->firstOrFail();
    }

    private static function path(string $rest): string
    {
        return '/api/edges/'.self::edge()->id."/$rest";
    }

    public function test_the_forecast_says_when_with_an_honest_range(): void
    {
        $log = $this->ask('GET', self::path('log'))->json();
        self::assertMatchesRegularExpression(
            '/^Wants honing in about .+ \(.+ to .+\), from \d+ honings of its own\.$/',
            $log['forecast'],
        );
        self::assertLessThan($log['range']['middle'], $log['range']['low']);
        self::assertLessThan($log['range']['high'], $log['range']['middle']);
    }

    public function test_use_is_one_entry_and_shortens_the_time_left(): void
    {
        $before = $this->ask('GET', self::path('log'))->json('now');
        $this->ask('POST', self::path('events'), self::ENTRY)
            ->assertCreated()
            ->assertJsonPath('now', $before + 0.75 * 25)
            ->assertJsonPath('entries.0.says', 'Used it for 25 minutes in soft wood.');
    }

    public function test_a_touch_up_needs_no_measuring_and_makes_it_sharp(): void
    {
        $edge = self::edge('iron of the block plane, 35 mm');
        $this->ask('POST', "/api/edges/{$edge->id}/events", [...self::ENTRY, 'kind' => 'touched-up', 'minutes' => ''])
            ->assertCreated()
            ->assertJsonPath('edge.condition', 'sharp')
            ->assertJsonPath('now', 0);
        self::assertGreaterThan($edge->micro_width_mm, self::edge('iron of the block plane, 35 mm')->micro_width_mm);
    }

    public function test_an_edge_that_is_dull_already_is_not_promised_more_days(): void
    {
        $dull = Edge::of(self::bench())->where('name', '12 mm chisel')->firstOrFail();
        $this->ask('GET', "/api/edges/{$dull->id}/log")->assertJsonPath('forecast', 'It wants honing now.');
    }

    public function test_stropping_is_one_tap(): void
    {
        $edge = self::edge('iron of the block plane, 35 mm');
        $this->ask('POST', "/api/edges/{$edge->id}/events", [
            ...self::ENTRY,
            'kind' => 'stropped',
            'minutes' => '',
            'strokes' => '10',
        ])
            ->assertJsonPath('entries.0.says', 'Stropped it, 10 strokes a side.')
            ->assertJsonPath('edge.condition', 'sharp');
    }

    public function test_a_test_says_what_is_wrong(): void
    {
        $this->ask('POST', self::path('events'), [
            ...self::ENTRY,
            'kind' => 'tested',
            'minutes' => '',
            'found' => 'line',
        ])->assertJsonPath('edge.condition', 'dull');
        $this->ask('POST', self::path('events'), [...self::ENTRY, 'kind' => 'tested', 'minutes' => '', 'version' => 2])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'found');
    }

    public function test_a_day_to_come_and_no_number_are_refused_beside_their_fields(): void
    {
        $this->ask('POST', self::path('events'), [...self::ENTRY, 'day' => '2099-01-01', 'minutes' => 'long'])
            ->assertStatus(422)
            ->assertJsonPath('errors.*.field', ['day', 'minutes']);
    }

    public function test_the_angle_creeps_and_the_moment_to_go_back_is_said(): void
    {
        $chisel = self::edge('12 mm chisel');
        $log = $this->ask('GET', "/api/edges/{$chisel->id}/log")->json();
        self::assertCount(5, $log['angles']);
        self::assertStringContainsString('It steepens; in about', $log['angleSays']);
        $this->ask('POST', "/api/edges/{$chisel->id}/events", [
            ...self::ENTRY,
            'kind' => 'measured',
            'minutes' => '',
            'deg' => '35',
        ])->assertJsonPath(
            'angleSays',
            'It has crept 5° steeper than the 30° it is meant to have: back to the stones.',
        );
    }

    public function test_how_long_the_iron_lasts(): void
    {
        $used = implode(' ', $this->ask('GET', self::path('log'))->json('used'));
        self::assertMatchesRegularExpression(
            '/101 mm of blade are left: (about \d+ years at \d+ honings a year|more than a lifetime)\./',
            $used,
        );
    }

    public function test_a_trial_of_two_stops_becomes_the_tools_stop(): void
    {
        $stones = Stone::of(self::bench())->pluck('id', 'name');
        $side = static fn (string $stone, int $surface, int $tearOut): array => [
            'stone' => $stones[$stone],
            'surface' => $surface,
            'tearOut' => $tearOut,
            'effort' => 3,
        ];
        $body = [
            'version' => 1,
            'wood' => 'soft',
            'keep' => true,
            'sides' => [$side('4000 stone', 4, 2), $side('8000 stone', 4, 2)],
        ];
        $this->ask('POST', self::path('trials'), $body)
            ->assertCreated()
            ->assertJsonPath('trials.0.says', 'Nothing was better off 1.2 µm than off 3 µm: finer is not worth it.');
        self::assertEqualsWithDelta(3.0, self::edge()->finish_um, 1e-9);
        $this->ask('POST', self::path('trials'), [
            ...$body,
            'version' => 2,
            'sides' => [$side('4000 stone', 4, 2), $side('4000 stone', 5, 1)],
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'sides');
    }

    public function test_the_outlook_names_those_that_will_be_blunt(): void
    {
        $outlook = $this->ask('GET', '/api/edges/outlook')->assertOk()->json();
        self::assertCount(12, $outlook['edges']);
        self::assertSame(0, $outlook['edges'][0]['days']);
        self::assertNotSame([], $outlook['compares']);
    }
}
