<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\TestWith;

final class FitTest extends HttpTestCase
{
    #[TestWith(['saws', 'Take the crosscut handsaw, 560 mm'])]
    #[TestWith(['soles', 'Straighten it hump by hump'])]
    #[TestWith(['chisels', 'Take the 6 mm chisel for the waste.'])]
    #[TestWith(['blades', 'Coping saw, 160 mm blade: its blade drops into the kerf.'])]
    #[TestWith(['shoulders', 'No shoulder plane hangs here.'])]
    #[TestWith(['marks', 'Pin gauge: good enough.'])]
    #[TestWith(['braces', 'The brace, 250 mm sweep, ratchet turns it.'])]
    public function test_each_question_answers_for_the_tools_at_hand(string $question, string $next): void
    {
        self::assertContains($question, $this->ask('GET', '/api/fit')->assertOk()->json('fits.*.id'));
        $form = $this->ask('POST', "/api/fit/$question", ['typed' => (object) [], 'hardness' => 'soft'])->assertOk();
        self::assertSame(0, strpos((string) $form->json('next.says'), $next), (string) $form->json('next.says'));
    }

    public function test_the_users_own_count_is_said_to_be_in_use(): void
    {
        $models = $this->ask('POST', '/api/fit/saws', ['typed' => ['grain' => 'along'], 'hardness' => 'soft'])->json(
            'rows.*.model',
        );
        self::assertContains('your own count: 1.21 times the model, from 3 cuts, 1.12 to 1.31', $models);
        self::assertContains('the model’s bite (from memory)', $models);
    }

    public function test_a_reading_that_cannot_be_stops_there(): void
    {
        $this->ask('POST', '/api/fit/saws', ['typed' => ['thickness' => 'thick'], 'hardness' => 'soft'])
            ->assertOk()
            ->assertJsonPath('rows', [])
            ->assertJsonPath('next.says', 'Put that reading right first.');
        $this->ask('POST', '/api/fit/saws', ['typed' => (object) [], 'hardness' => 'granite'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'hardness');
        $this->ask('POST', '/api/fit/hammers', ['typed' => (object) [], 'hardness' => 'soft'])->assertNotFound();
    }
}
