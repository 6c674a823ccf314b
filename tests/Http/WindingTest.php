<?php

declare(strict_types=1);

namespace Tests\Http;

final class WindingTest extends HttpTestCase
{
    private const SHEET = [
        'boardWidth' => '150',
        'stickLength' => '450',
        'turned' => '',
        'shaving' => '0.1',
        'tolerance' => '0.3',
        'rows' => [['at' => '600', 'reading' => '3']],
    ];

    public function test_it_begins_with_the_users_own_sticks(): void
    {
        $this->ask('GET', '/api/winding')
            ->assertOk()
            ->assertJsonPath('sticks', 'winding sticks, 450 mm, pine and walnut')
            ->assertJsonPath('sheet.stickLength', '450');
    }

    public function test_a_twist_is_shown_where_it_is_to_come_off(): void
    {
        $result = $this->ask('POST', '/api/winding/preview', self::SHEET)
            ->assertOk()
            ->assertJsonPath('result.twist', '1.00 mm')
            ->json('result');
        self::assertEqualsWithDelta([0.5, 0, 0, 0.5], array_column($result['corners'], 'removeMm'), 1e-6);
        self::assertSame(['3', null], [$result['magnification'], $result['stickError']]);
    }

    public function test_a_wrong_figure_stands_beside_its_field(): void
    {
        $preview = $this->ask('POST', '/api/winding/preview', [
            ...self::SHEET,
            'boardWidth' => 'wide',
            'rows' => [['at' => '600', 'reading' => '300']],
        ])
            ->assertOk()
            ->assertJsonPath('result', null)
            ->json();
        self::assertNotNull($preview['readings']['boardWidth']['error']);
        self::assertNotNull($preview['rows'][0]['reading']['error']);
    }

    public function test_inches_are_answered_in_inches(): void
    {
        $this->ask('PUT', '/api/preferences', ['unit' => 'inch'])->assertOk();
        $this->ask('POST', '/api/winding/preview', [
            ...self::SHEET,
            'boardWidth' => '6',
            'stickLength' => '18',
            'shaving' => '4 thou',
            'tolerance' => '0.01',
            'rows' => [['at' => '24', 'reading' => '0.12']],
        ])
            ->assertOk()
            ->assertJsonPath('result.twist', '40.0 thou');
    }
}
