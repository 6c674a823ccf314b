<?php

declare(strict_types=1);

namespace Tests\Http;

/** The strokes that correct a reference, counted at the bench. */
final class PlaningTest extends HttpTestCase
{
    private const STRAIGHT = ['lineWidth' => '0.05', 'shaving' => '0.04', 'tolerance' => '0.1', 'farLine' => 'first', 'instrument' => 'loupe', 'version' => 1];

    private const SQUARE = [
        'length' => '200', 'farGaps' => ['0.32'], 'nearGap' => '', 'lineWidth' => '0.1', 'shaving' => '0.04', 'tolerance' => '0.1',
        'leftLine' => 'first', 'edge' => 'outer', 'instrument' => 'loupe', 'version' => 1,
    ];

    /** @return array<string, mixed> */
    private static function crown(): array
    {
        return [...self::STRAIGHT, 'rows' => array_map(static fn (string $at, string $gap): array => ['at' => $at, 'gap' => $gap], ['0', '225', '450', '675', '900'], ['0', '0.2', '0.4', '0.2', '0'])];
    }

    /**
     * @param  array<string, mixed>  $session
     * @param  list<int>  $counted
     * @return array<string, mixed>
     */
    private function counted(array $session, array $counted): array
    {
        return $this->ask('PUT', "/api/sessions/{$session['id']}", ['version' => $session['version'], 'atStep' => 1, 'phase' => 'stroke', 'counted' => $counted])->assertOk()->json();
    }

    public function test_a_straightedges_strokes_are_walked_and_written_down(): void
    {
        $straight = self::bench()->straights()->firstOrFail();
        $session = $this->ask('POST', "/api/straights/{$straight->id}/sessions", self::crown())->assertCreated()
            ->assertJsonPath('purpose', 'planing')->assertJsonPath('place', $straight->path())->assertJsonPath('steps.*.stone', ['at 450 mm', 'from 225 mm to 675 mm'])->assertJsonPath('steps.*.strokes', [2, 3])->json();
        $this->ask('GET', '/api/bench')->assertJsonFragment(['says' => 'Go on planing the 900 mm straightedge.']);
        $saved = $this->counted($session, [2, 3]);
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", ['version' => $saved['version'], 'outcome' => 'done'])->assertOk()->assertJsonPath('state', 'finished');
        $page = $this->ask('GET', "/api/straights/{$straight->id}")->assertJsonPath('history.tests.3.taken', '5 strokes taken')->assertJsonPath('history.due', 'It was planed and not tested again.');
        self::assertEqualsWithDelta(49.2 - 5 * 0.04, $page->json('straight.heightMm'), 1e-9);
        self::assertSame([0, 3, 5, 3, 0], $straight->tests()->get()->last()?->readings['shavings']);
    }

    /** Stopped after two: two are what was taken, and the plan learns from two. */
    public function test_stopped_half_way_only_what_was_counted_is_written_down(): void
    {
        $straight = self::bench()->straights()->firstOrFail();
        $session = $this->ask('POST', "/api/straights/{$straight->id}/sessions", self::crown())->assertCreated()->json();
        $saved = $this->counted($session, [2, 0]);
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", ['version' => $saved['version'], 'outcome' => 'stopped'])->assertOk();
        $this->ask('GET', "/api/straights/{$straight->id}")->assertJsonPath('history.tests.3.taken', '2 strokes taken');
        $this->ask('GET', '/api/diary')->assertJsonPath('entries.0.sentence', 'Planed 2 strokes off the 900 mm straightedge. Test it again.');
    }

    public function test_a_squares_strokes_too_and_its_blade_grows_narrower(): void
    {
        $square = self::bench()->squares()->oldest('id')->firstOrFail();
        $session = $this->ask('POST', "/api/squares/{$square->id}/sessions", self::SQUARE)->assertCreated()->json();
        $strokes = array_column($session['steps'], 'strokes');
        self::assertSame(4, array_sum($strokes));
        $saved = $this->counted($session, $strokes);
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", ['version' => $saved['version'], 'outcome' => 'done'])->assertOk();
        $page = $this->ask('GET', "/api/squares/{$square->id}")->assertJsonPath('history.tests.5.taken', '4 shavings off the heel');
        self::assertEqualsWithDelta(42 - 0.16, $page->json('square.bladeWidthMm'), 1e-9);
    }

    public function test_stopped_before_the_first_stroke_nothing_was_taken(): void
    {
        $square = self::bench()->squares()->oldest('id')->firstOrFail();
        $session = $this->ask('POST', "/api/squares/{$square->id}/sessions", self::SQUARE)->assertCreated()->json();
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", ['version' => $session['version'], 'outcome' => 'stopped'])->assertOk();
        $this->ask('GET', "/api/squares/{$square->id}")->assertJsonPath('history.tests.5.taken', null)->assertJsonPath('square.bladeWidthMm', 42);
    }

    /** Metal is rubbed, not planed: there is nothing to count. */
    public function test_metal_and_what_is_true_have_no_strokes(): void
    {
        $square = self::bench()->squares()->oldest('id')->firstOrFail();
        $this->ask('POST', "/api/squares/{$square->id}/sessions", [...self::SQUARE, 'metal' => true])->assertStatus(422);
        $this->ask('POST', "/api/squares/{$square->id}/sessions", [...self::SQUARE, 'farGaps' => ['0.02']])->assertStatus(422)->assertJsonPath('errors.0.message', 'There is nothing to plane off.');
        $page = $this->ask('POST', "/api/squares/{$square->id}/tests", [...self::SQUARE, 'metal' => true, 'planed' => true])->assertCreated();
        $page->assertJsonPath('history.tests.5.taken', 'rubbed down at the heel')->assertJsonPath('metal', true);
    }

    /** A straightedge on a flat touches where it is highest; the gap is its error, not twice it. */
    public function test_against_a_flat_that_is_trusted(): void
    {
        $straight = self::bench()->straights()->firstOrFail();
        $sheet = [...self::crown(), 'against' => 'flat', 'flatTo' => '0.02', 'rows' => array_map(static fn (string $at, string $gap): array => ['at' => $at, 'gap' => $gap], ['0', '450', '900'], ['0', '0.3', '0'])];
        $this->ask('POST', "/api/straights/{$straight->id}/preview", $sheet)->assertOk()->assertJsonPath('result.straightness', '0.30 mm')->assertJsonPath('result.shape', 'hollow in the middle');
        $this->ask('POST', "/api/straights/{$straight->id}/tests", [...$sheet, 'planed' => false])->assertCreated()->assertJsonPath('against', 'flat');
        $sheet['rows'][1]['gap'] = '-0.3';
        $this->ask('POST', "/api/straights/{$straight->id}/preview", $sheet)->assertJsonPath('rows.1.gap.error', 'On a flat a gap is nought or more: the edge lies on what is highest.');
    }
}
