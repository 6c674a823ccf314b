<?php

declare(strict_types=1);

namespace Tests\Http;

final class SquareTest extends HttpTestCase
{
    private const NAME = '200 mm try square';

    private const GAPS = ['0.30', '0.34', '0.32'];

    private static function path(string $then): string
    {
        return self::referencePath(self::NAME).$then;
    }

    public function test_the_one_that_fell_is_listed_first(): void
    {
        $this->ask('GET', '/api/references')
            ->assertJsonPath('references.0.name', '200 mm try square')
            ->assertJsonPath('references.1.due', null);
    }

    public function test_a_preview_has_error_uncertainty_verdict_and_next_stroke(): void
    {
        $this->ask('POST', self::path('/preview'), self::squareTest(self::GAPS))
            ->assertJsonPath('answer.error', '0.16 mm')
            ->assertJsonPath('answer.verdict', 'outside')
            ->assertJsonPath(
                'next.says',
                'Take 4 shavings off the heel, running out to nothing at the tip. Then test again.',
            )
            ->assertJsonCount(4, 'square.strokes');
    }

    public function test_a_preview_writes_nothing(): void
    {
        $before = $this->ask('GET', '/api/pulse')->json('revision');
        $this->ask('POST', self::path('/preview'), self::squareTest(self::GAPS));
        self::assertSame($before, $this->ask('GET', '/api/pulse')->json('revision'));
    }

    public function test_test_plane_test_again_and_the_history_shows_both(): void
    {
        $page = $this->ask('POST', self::path('/tests'), [
            ...self::squareTest(self::GAPS),
            'version' => 1,
            'planed' => true,
        ])->assertCreated();
        $page
            ->assertJsonPath('history.due', 'It was planed and not tested again.')
            ->assertJsonPath('history.tests.5.taken', '4 shavings off the heel');
        $this->ask('POST', self::path('/tests'), [
            ...self::squareTest(['0.02', '0.04']),
            'version' => $page->json('version'),
            'planed' => false,
        ])
            ->assertCreated()
            ->assertJsonPath('history.due', null)
            ->assertJsonCount(7, 'history.tests');
        self::assertNotContains('test-reference', $this->ask('GET', '/api/bench')->json('chores.*.kind'));
    }

    /** Four shavings took it from 0.16 to 0.04: 0.03 each, and the page offers it. */
    public function test_the_plan_learns_how_thick_the_shavings_really_were(): void
    {
        $this->ask('POST', self::path('/tests'), [
            ...self::squareTest(self::GAPS),
            'version' => 1,
            'planed' => true,
        ])->assertCreated();
        $this->ask('POST', self::path('/preview'), self::squareTest(['0.08']))
            ->assertOk()
            ->assertJsonPath('learnt.typed', '0.03');
    }

    public function test_the_instrument_last_used_is_remembered(): void
    {
        $this->ask('POST', self::path('/tests'), [
            ...self::squareTest(self::GAPS, instrument: 'caliper'),
            'version' => 1,
            'planed' => false,
        ])->assertJsonPath('instrument', 'caliper');
    }

    public function test_the_second_window_is_told_and_writes_nothing(): void
    {
        $this->ask('POST', self::path('/tests'), [
            ...self::squareTest(self::GAPS),
            'version' => 1,
            'planed' => false,
        ])->assertCreated();
        $this->ask('POST', self::path('/tests'), [
            ...self::squareTest(self::GAPS),
            'version' => 1,
            'planed' => false,
        ])->assertStatus(409);
        $this->ask('GET', self::path(''))->assertJsonCount(6, 'history.tests');
    }

    public function test_a_test_with_a_bad_figure_is_not_recorded(): void
    {
        $this->ask('POST', self::path('/tests'), [
            ...self::squareTest(self::GAPS, ['lineWidth' => 'about five']),
            'version' => 1,
            'planed' => false,
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'figures.lineWidth');
        $this->ask('POST', self::path('/tests'), [...self::squareTest(['']), 'version' => 1, 'planed' => false])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'figures');
        $this->ask('POST', self::path('/tests'), [
            ...self::squareTest(self::GAPS, ['tolerance' => '']),
            'version' => 1,
            'planed' => false,
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'figures');
    }

    public function test_a_fall_makes_it_due(): void
    {
        $this->ask('POST', self::referencePath('100 mm try square').'/drops', ['version' => 1])->assertJsonPath(
            'history.due',
            'It has not been tested since it fell.',
        );
    }

    public function test_a_list_too_long_or_no_list_is_refused(): void
    {
        $this->ask('POST', self::path('/preview'), ['lists' => 'many'] + self::squareTest([]))
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'lists');
        $this->ask('POST', self::path('/preview'), self::squareTest(self::GAPS, instrument: 'eye'))->assertStatus(422);
    }
}
