<?php

declare(strict_types=1);

namespace Tests\Http;

/** Straightedges: tested against themselves, planed, tested again. */
final class StraightedgeTest extends HttpTestCase
{
    private static function path(string $then = ''): string
    {
        return self::referencePath('900 mm straightedge').$then;
    }

    public function test_the_list_and_the_page_carry_its_history(): void
    {
        self::assertContains(
            '900 mm straightedge',
            $this->ask('GET', '/api/references')->assertOk()->json('references.*.name'),
        );
        $this->ask('GET', self::path())
            ->assertJsonCount(3, 'history.tests')
            ->assertJsonPath('asks.1.list.begins', ['0', '225', '450', '675', '900']);
    }

    public function test_a_preview_writes_nothing_and_counts_the_strokes(): void
    {
        $preview = $this->ask('POST', self::path('/preview'), self::straightedgeTest(['0', '0.2', '0.4', '0.2', '0']))
            ->assertOk()
            ->json();
        self::assertSame(
            'Take 2 short shavings at 450 mm, then 3 shavings from 225 mm to 675 mm. Then test again.',
            $preview['next']['says'],
        );
        self::assertSame([5, 6], [$preview['straightedge']['strokeCount'], count($preview['straightedge']['leaves'])]);
        self::assertEqualsWithDelta([0, 0.1, 0.2, 0.1, 0], $preview['straightedge']['leaves'][0], 1e-9);
        self::assertLessThanOrEqual(0.021, max($preview['straightedge']['leaves'][5]));
        $this->ask('GET', self::path())->assertJsonCount(3, 'history.tests');
    }

    public function test_a_wrong_figure_stands_beside_its_field_and_is_refused(): void
    {
        $form = self::straightedgeTest(['0', '0.2', 'a lot', '0.2', '0']);
        self::assertNotNull(
            $this->ask('POST', self::path('/preview'), $form)->assertOk()->json('lists.1.readings.2.error'),
        );
        $this->ask('POST', self::path('/tests'), [...$form, 'version' => 1, 'planed' => false])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'lists.gap[2]');
        $this->ask('POST', self::path('/tests'), [
            ...self::straightedgeTest(['0', '', '', '', '']),
            'version' => 1,
            'planed' => false,
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'figures');
    }

    public function test_planed_it_grows_lower_and_wants_testing_again(): void
    {
        $page = $this->ask('POST', self::path('/tests'), [
            ...self::straightedgeTest(['0', '0.2', '0.4', '0.2', '0']),
            'version' => 1,
            'planed' => true,
        ])
            ->assertCreated()
            ->json();
        self::assertSame(
            [4, '5 strokes taken'],
            [count($page['history']['tests']), $page['history']['tests'][3]['taken']],
        );
        self::assertEqualsWithDelta(49.0, self::reference('900 mm straightedge')->sizes['height'], 1e-9);
        self::assertSame('It was planed and not tested again.', $page['history']['due']);
        $this->ask('GET', '/api/diary')->assertJsonPath(
            'entries.0.sentence',
            'Tested the 900 mm straightedge: straight to 0.20 mm ± 0.03 mm, outside tolerance. Took 5 strokes.',
        );
        $this->ask('GET', '/api/bench')->assertJsonFragment(['says' => 'Test the 900 mm straightedge.']);
    }

    /** Five strokes of 0.04 at the middle left 0.05 of the 0.20: 0.03 each, and the page offers it. */
    public function test_the_plan_learns_how_thick_the_shavings_really_were(): void
    {
        $page = $this->ask('POST', self::path('/tests'), [
            ...self::straightedgeTest(['0', '0.2', '0.4', '0.2', '0']),
            'version' => 1,
            'planed' => true,
        ])
            ->assertCreated()
            ->json();
        self::assertSame(2, $page['version']);
        $preview = $this->ask('POST', self::path('/preview'), self::straightedgeTest(['0', '0.02', '0.1', '0.02', '0']))
            ->assertOk()
            ->json();
        self::assertSame(
            ['Your last shavings were 0.03 mm thick, by what they took.', '0.03'],
            [$preview['learnt']['says'], $preview['learnt']['typed']],
        );
        $this->ask('POST', self::path('/preview'), self::straightedgeTest(['0', '', '', '', '']))->assertJsonPath(
            'learnt',
            null,
        );
    }

    public function test_a_second_window_is_told(): void
    {
        $this->ask('POST', self::path('/drops'), ['version' => 1])
            ->assertOk()
            ->assertJsonPath('history.due', 'It has not been tested since it fell.');
        $this->ask('POST', self::path('/tests'), [
            ...self::straightedgeTest(['0', '0', '0.04', '0', '0']),
            'version' => 1,
            'planed' => false,
        ])->assertStatus(409);
    }

    public function test_undo_brings_the_height_back(): void
    {
        $this->ask('POST', self::path('/tests'), [
            ...self::straightedgeTest(['0', '0.2', '0.4', '0.2', '0']),
            'version' => 1,
            'planed' => true,
        ])->assertCreated();
        $this->ask(
            'POST',
            '/api/diary/'.$this->ask('GET', '/api/diary')->json('entries.0.id').'/undo',
        )->assertSuccessful();
        $this->ask('GET', self::path())->assertJsonCount(3, 'history.tests');
    }

    /** A newcomer's square and straightedge can be tested as soon as they hang. */
    public function test_a_reference_comes_with_its_tool_and_goes_with_it(): void
    {
        $square = $this->ask('POST', '/api/tools', [
            'kind' => 'try-square',
            'figures' => (object) ['blade' => '150'],
            'name' => 'square from the market',
            'status' => 'owned',
            'price' => '',
        ])
            ->assertCreated()
            ->json('tool');
        $this->ask('POST', '/api/tools', [
            'kind' => 'straightedge',
            'figures' => (object) [],
            'name' => 'second straightedge',
            'status' => 'owned',
            'price' => '',
        ])->assertCreated();
        self::assertContains('square from the market', $this->ask('GET', '/api/references')->json('references.*.name'));
        self::assertContains('second straightedge', $this->ask('GET', '/api/references')->json('references.*.name'));
        $this->ask('DELETE', "/api/tools/{$square['id']}", ['version' => $square['version']])->assertOk();
        self::assertNotContains(
            'square from the market',
            $this->ask('GET', '/api/references')->json('references.*.name'),
        );
    }

    /** Two hundred places: the answer is whole, and its strokes leave less than one shaving anywhere. */
    public function test_two_hundred_places(): void
    {
        $at = array_map(static fn (int $index): string => (string) ($index * 4.5), range(0, 199));
        $gaps = array_map(
            static fn (int $index): string => (string) round(0.4 * sin((M_PI * $index) / 199) + 0.05 * sin($index), 3),
            range(0, 199),
        );
        $preview = $this->ask('POST', self::path('/preview'), self::straightedgeTest($gaps, [], $at))
            ->assertOk()
            ->json();
        self::assertCount(200, $preview['straightedge']['stationsMm']);
        self::assertLessThan(
            0.04,
            max($preview['straightedge']['leaves'][count($preview['straightedge']['leaves']) - 1]),
        );
    }
}
