<?php

declare(strict_types=1);

namespace Tests\Http;

final class ThreeEdgesTest extends HttpTestCase
{
    /** @return array<string, mixed> */
    private function sheet(string $bc = '0.25'): array
    {
        $at = ['0', '450', '900'];
        $gaps = [['0.1', '0.1', '0.1'], ['0.2', '0.3', '0'], ['0.1', '0.1', '0.1']];
        $rows = array_map(
            static fn (string $place, array $row): array => [
                'at' => $place,
                'ab' => $row[0],
                'bc' => $row[1],
                'ca' => $row[2],
                'abTurned' => '',
            ],
            $at,
            $gaps,
        );
        $rows[1]['bc'] = $bc;

        return [
            ...$this->ask('GET', '/api/three-edges')->assertOk()->json('sheet'),
            'instrument' => 'caliper',
            'rows' => $rows,
        ];
    }

    public function test_it_begins_with_places_and_no_gap(): void
    {
        $this->ask('GET', '/api/three-edges')->assertJsonCount(5, 'sheet.rows')->assertJsonPath('sheet.rows.0.ab', '');
        $this->ask('POST', '/api/three-edges/preview', $this->ask('GET', '/api/three-edges')->json('sheet'))
            ->assertOk()
            ->assertJsonPath('edges', []);
    }

    public function test_three_pairs_tell_three_edges(): void
    {
        $preview = $this->ask('POST', '/api/three-edges/preview', $this->sheet('0.3'))->assertOk()->json();
        self::assertSame(['first', 'second', 'third'], array_column($preview['edges'], 'name'));
        self::assertEqualsWithDelta([0.2, 0, 0.2], $preview['edges'][1]['removeMm'], 1e-9);
        self::assertSame(
            ['outside', 'outside'],
            [$preview['edges'][0]['verdict'] === 'within' ? 'within' : 'outside', $preview['edges'][1]['verdict']],
        );
        self::assertStringStartsWith('Plane the second edge:', $preview['next']['says']);
    }

    public function test_a_wrong_figure_stands_beside_its_field(): void
    {
        self::assertNotNull(
            $this->ask('POST', '/api/three-edges/preview', $this->sheet('300'))->assertOk()->json('rows.1.bc.error'),
        );
        $this->ask('POST', '/api/three-edges/preview', [...$this->sheet(), 'instrument' => 'eye'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'instrument');
    }
}
