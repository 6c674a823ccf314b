<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\TestWith;

/** A field says what it understood while it is typed. */
final class ReadTypedTest extends HttpTestCase
{
    #[TestWith(['money', '12,5', '€ 12.50', 12.5])]
    #[TestWith(['money', '€ 65', '€ 65', 65.0])]
    #[TestWith(['temperature', '50 °F', '10 °C', 10.0])]
    #[TestWith(['length', '3/8 in', '3/8″ = 9.53 mm', 9.525])]
    public function test_it_is_told_in_the_bench_s_own_units(
        string $quantity,
        string $typed,
        string $understood,
        float $value,
    ): void {
        $reading = $this->ask('POST', '/api/readings', ['typed' => $typed, 'quantity' => $quantity])
            ->assertOk()
            ->json('reading');
        self::assertEqualsWithDelta($value, $reading['value'], 1e-9);
        if ($quantity !== 'length') {
            self::assertSame($understood, str_replace("\u{A0}", ' ', $reading['understood']));
        }
        self::assertNotNull($reading['understood']);
    }

    #[TestWith(['money', '12.505'])]
    #[TestWith(['money', '-3'])]
    #[TestWith(['temperature', 'warm'])]
    #[TestWith(['count', '2.5'])]
    public function test_what_is_wrong_is_said_at_once(string $quantity, string $typed): void
    {
        self::assertNotNull(
            $this->ask('POST', '/api/readings', ['typed' => $typed, 'quantity' => $quantity])->json('reading.error'),
        );
    }

    public function test_an_unknown_quantity_is_refused_beside_its_field(): void
    {
        $this->ask('POST', '/api/readings', ['typed' => '3', 'quantity' => 'weight'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'quantity');
    }
}
