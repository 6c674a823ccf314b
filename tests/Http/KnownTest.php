<?php

declare(strict_types=1);

namespace Tests\Http;

/** A sheet of squares held against one that is known. */
final class KnownTest extends HttpTestCase
{
    /**
     * The steel square is known: −0.01 over 95. A gap of 0.2 at the tip is the beech one's 0.2 + 0.01 over 95, 0.44
     * over 200.
     */
    public function test_the_known_squares_own_error_is_taken_off(): void
    {
        $page = $this->ask('GET', '/api/references/known')
            ->assertOk()
            ->assertJsonPath('known.*.name', ['100 mm try square']);
        [$known, $other] = [$page->json('known.0.id'), $page->json('squares.0.id')];
        $form = [
            'known' => $known,
            'instrument' => 'caliper',
            'rows' => [['square' => $other, 'gap' => '0.2', 'at' => 'tip']],
        ];
        $this->ask('POST', '/api/references/known/preview', $form)
            ->assertOk()
            ->assertJsonPath('rows.0.error', '0.44 mm ± 0.11 mm')
            ->assertJsonPath('rows.0.leans', 'leans toward the stock')
            ->assertJsonPath('rows.0.verdict', 'outside');
        $this->ask('POST', '/api/references/known', $form)->assertCreated();
        $this->ask('GET', "/api/references/$other")
            ->assertJsonCount(6, 'history.tests')
            ->assertJsonPath('history.tests.5.error', '0.44 mm');
        $this->ask('GET', '/api/diary')->assertJsonPath(
            'entries.0.sentence',
            'Compared with the 100 mm try square: 200 mm try square 0.44 mm ± 0.11 mm out, outside tolerance.',
        );
    }

    public function test_an_empty_sheet_a_wrong_gap_and_a_square_not_known_are_refused(): void
    {
        $page = $this->ask('GET', '/api/references/known');
        [$known, $other] = [$page->json('known.0.id'), $page->json('squares.0.id')];
        $form = [
            'known' => $known,
            'instrument' => 'caliper',
            'rows' => [['square' => $other, 'gap' => '', 'at' => 'tip']],
        ];
        $this->ask('POST', '/api/references/known', $form)
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'rows');
        $this->ask('POST', '/api/references/known', [
            ...$form,
            'rows' => [['square' => $other, 'gap' => '-0.1', 'at' => 'tip']],
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'rows[0].gap');
        $this->ask('POST', '/api/references/known/preview', [...$form, 'known' => $other])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'known');
    }
}
