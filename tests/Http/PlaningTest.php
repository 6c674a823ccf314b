<?php

declare(strict_types=1);

namespace Tests\Http;

/** The strokes that correct a reference, counted at the bench. */
final class PlaningTest extends HttpTestCase
{
    /** @return array<string, mixed> */
    private static function crown(): array
    {
        return [...self::straightedgeTest(['0', '0.2', '0.4', '0.2', '0']), 'version' => 1];
    }

    /**
     * @param  list<string>  $gaps
     * @param  array<string, string>  $choices
     * @return array<string, mixed>
     */
    private static function square(array $gaps = ['0.32'], array $choices = []): array
    {
        return [...self::squareTest($gaps, choices: $choices), 'version' => 1];
    }

    /**
     * @param  array<string, mixed>  $session
     * @param  list<int>  $counted
     * @return array<string, mixed>
     */
    private function counted(array $session, array $counted): array
    {
        return $this->ask('PUT', "/api/sessions/{$session['id']}", [
            'version' => $session['version'],
            'atStep' => 1,
            'phase' => 'stroke',
            'counted' => $counted,
        ])
            ->assertOk()
            ->json();
    }

    public function test_a_straightedges_strokes_are_walked_and_written_down(): void
    {
        $path = self::referencePath('900 mm straightedge');
        $session = $this->ask('POST', "$path/sessions", self::crown())
            ->assertCreated()
            ->assertJsonPath('kind', 'planing')
            ->assertJsonPath('about', ['kind' => 'reference', 'id' => self::reference('900 mm straightedge')->id])
            ->assertJsonPath('steps.*.title', [
                'at 450 mm, from the left end',
                'from 225 mm to 675 mm, from the left end',
            ])
            ->assertJsonPath('steps.*.count', [2, 3])
            ->json();
        $hands = $this->ask('GET', "/api/sessions/{$session['id']}/hands")->assertOk()->json('steps');
        self::assertCount(count($session['steps']), $hands);
        foreach ($hands as $step) {
            self::assertArrayNotHasKey('angleDeg', $step, 'no edge lies on a stone');
            self::assertLessThanOrEqual($step['toMm'], $step['fromMm']);
            self::assertSame(900, $step['lengthMm']);
        }
        $this->ask('GET', '/api/bench')->assertJsonFragment(['says' => 'Go on planing the 900 mm straightedge.']);
        $saved = $this->counted($session, [2, 3]);
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", [
            'version' => $saved['version'],
            'outcome' => 'done',
        ])
            ->assertOk()
            ->assertJsonPath('state', 'finished');
        $this->ask('GET', $path)
            ->assertJsonPath('history.tests.3.taken', '5 strokes taken')
            ->assertJsonPath('history.due', 'It was planed and not tested again.');
        $straightedge = self::reference('900 mm straightedge');
        self::assertEqualsWithDelta(49.2 - 5 * 0.04, $straightedge->sizes['height'], 1e-9);
        self::assertSame([0, 3, 5, 3, 0], $straightedge->tests->last()?->facts['shavings']);
    }

    /** Stopped after two: two are what was taken, and the plan learns from two. */
    public function test_stopped_half_way_only_what_was_counted_is_written_down(): void
    {
        $path = self::referencePath('900 mm straightedge');
        $session = $this->ask('POST', "$path/sessions", self::crown())
            ->assertCreated()
            ->json();
        $saved = $this->counted($session, [2, 0]);
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", [
            'version' => $saved['version'],
            'outcome' => 'stopped',
        ])->assertOk();
        $this->ask('GET', $path)->assertJsonPath('history.tests.3.taken', '2 strokes taken');
        $this->ask('GET', '/api/diary')->assertJsonPath(
            'entries.0.sentence',
            'Planed 2 strokes off the 900 mm straightedge. Test it again.',
        );
    }

    public function test_a_squares_strokes_too_and_its_blade_grows_narrower(): void
    {
        $path = self::referencePath('200 mm try square');
        $session = $this->ask('POST', "$path/sessions", self::square())
            ->assertCreated()
            ->json();
        $strokes = array_column($session['steps'], 'count');
        self::assertSame(4, array_sum($strokes));
        $saved = $this->counted($session, $strokes);
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", [
            'version' => $saved['version'],
            'outcome' => 'done',
        ])->assertOk();
        $page = $this->ask('GET', $path)->assertJsonPath('history.tests.5.taken', '4 shavings off the heel');
        self::assertEqualsWithDelta(42 - 0.16, $page->json('sizes.bladeWidth'), 1e-9);
    }

    public function test_stopped_before_the_first_stroke_nothing_was_taken(): void
    {
        $path = self::referencePath('200 mm try square');
        $session = $this->ask('POST', "$path/sessions", self::square())
            ->assertCreated()
            ->json();
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", [
            'version' => $session['version'],
            'outcome' => 'stopped',
        ])->assertOk();
        $this->ask('GET', $path)->assertJsonPath('history.tests.5.taken', null)->assertJsonPath('sizes.bladeWidth', 42);
    }

    /** Metal is rubbed, not planed: there is nothing to count. */
    public function test_metal_and_what_is_true_have_no_strokes(): void
    {
        $path = self::referencePath('200 mm try square');
        $this->ask('POST', "$path/sessions", self::square(choices: ['blade' => 'metal']))->assertStatus(422);
        $this->ask('POST', "$path/sessions", self::square(['0.02']))
            ->assertStatus(422)
            ->assertJsonPath('errors.0.message', 'There is nothing to plane off.');
        $page = $this->ask('POST', "$path/tests", [
            ...self::square(choices: ['blade' => 'metal']),
            'planed' => true,
        ])->assertCreated();
        $page
            ->assertJsonPath('history.tests.5.taken', 'rubbed down at the heel')
            ->assertJsonPath('asks.6.choice.chosen', 'metal');
    }

    /** A straightedge on a flat touches where it is highest; the gap is its error, not twice it. */
    public function test_against_a_flat_that_is_trusted(): void
    {
        $path = self::referencePath('900 mm straightedge');
        $flat = static fn (string $gap): array => [
            ...self::straightedgeTest(
                ['0', $gap, '0'],
                ['flatTo' => '0.02'],
                ['0', '450', '900'],
                ['against' => 'flat'],
            ),
            'version' => 1,
        ];
        $this->ask('POST', "$path/preview", $flat('0.3'))
            ->assertOk()
            ->assertJsonPath('straightedge.straightness', '0.30 mm')
            ->assertJsonPath('straightedge.shape', 'hollow in the middle');
        $this->ask('POST', "$path/tests", [...$flat('0.3'), 'planed' => false])
            ->assertCreated()
            ->assertJsonPath('asks.3.choice.chosen', 'flat');
        $this->ask('POST', "$path/preview", $flat('-0.3'))->assertJsonPath(
            'lists.1.readings.1.error',
            'On a flat a gap is 0 or more: the edge lies on what is highest.',
        );
    }
}
