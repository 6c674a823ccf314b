<?php

declare(strict_types=1);

namespace Tests\Http;

final class WoodTest extends HttpTestCase
{
    public function test_woods_are_listed_and_a_piece_is_reckoned(): void
    {
        self::assertGreaterThanOrEqual(25, count($this->ask('GET', '/api/wood')->assertOk()->json('species')));
        $this->ask('POST', '/api/wood/preview', [
            'species' => 'black cherry',
            'figures' => ['ring' => '0', 'width' => '100', 'mcBefore' => '8', 'mcAfter' => '12'],
        ])
            ->assertOk()
            ->assertJsonPath('change', '0.99 mm')
            ->assertJsonPath('next.says', 'It grows 0.99 mm in its width.');
        $this->ask('POST', '/api/wood/preview', ['species' => 'black cherry', 'figures' => ['tempAfter' => '68']])
            ->assertOk()
            ->assertJsonPath('figures.tempAfter.instead', '20')
            ->assertJsonPath('change', null);
    }

    public function test_a_wood_that_is_not_listed_is_refused(): void
    {
        $this->ask('POST', '/api/wood/preview', ['species' => 'balsa', 'figures' => []])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.message', 'Choose a wood from the list.');
    }
}
