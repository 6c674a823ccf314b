<?php

declare(strict_types=1);

namespace Tests\Http;

final class CalcTest extends HttpTestCase
{
    public function test_the_same_answer_as_in_the_terminal(): void
    {
        $body = ['thicknessMm' => 4, 'bevelLengthMm' => 9.5, 'uncertaintyMm' => 0.1];
        $terminal = shell_exec(
            'printf %s '.
                escapeshellarg((string) json_encode($body)).
                ' | '.
                PHP_BINARY.
                ' '.
                escapeshellarg(base_path('terminal/calc.php')).
                ' bevel-angle',
        );

        self::assertSame(
            trim((string) $terminal),
            $this->ask('POST', '/api/calc/bevel-angle', $body)->assertOk()->getContent(),
        );
    }

    public function test_bad_input_is_told_with_its_field(): void
    {
        $this->ask('POST', '/api/calc/bevel-angle', ['thicknessMm' => 4, 'bevelLengthMm' => 3])
            ->assertStatus(422)
            ->assertExactJson([
                'errors' => [
                    ['field' => 'bevelLengthMm', 'message' => 'must be longer than the blade is thick (4 mm)'],
                ],
            ]);
    }

    public function test_what_is_no_json_is_told(): void
    {
        $this->call('POST', '/api/calc/grit', content: '{oops')
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', '');
    }

    public function test_an_unknown_name_lists_the_known(): void
    {
        $this->ask('POST', '/api/calc/magic')->assertNotFound()->assertJsonPath('errors.0.field', 'name');
    }

    public function test_every_calculation_is_listed(): void
    {
        self::assertContains('kit-plan', $this->ask('GET', '/api/calc')->json('calculations.*.name'));
    }
}
