<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Stone\Stone;

final class RackTest extends HttpTestCase
{
    private const PLATE = [
        'name' => '',
        'medium' => 'diamond-plate',
        'scale' => 'micron',
        'designation' => '12',
        'price' => '62,50',
        'lasts' => '',
    ];

    public function test_the_rack_stands_coarse_to_fine_with_its_notes_and_costs(): void
    {
        $this->ask('GET', '/api/rack')
            ->assertJsonPath('stones.*.label', ['220', 'P800', '1000', '4000', '8000', '0.5 µm'])
            ->assertJsonPath('costs.0.medium', 'strop')
            ->assertJsonPath('costs.2.medium', 'abrasive paper');
    }

    /** Fourteen sessions in the demo diary, made to cut about 1.3 times the default. */
    public function test_a_stone_says_how_it_really_cuts(): void
    {
        $own = (string) $this->ask('GET', '/api/rack')->json('stones.2.own');
        self::assertMatchesRegularExpression(
            '/^Your 1000 stone cuts 1\.[23]\d? times the default, from 14 sessions \(two in three between /',
            $own,
        );
    }

    public function test_a_piece_comes_into_the_rack_and_goes_out_again(): void
    {
        $this->ask('POST', '/api/rack/preview', self::PLATE)
            ->assertJsonPath('name', '12 µm diamond plate')
            ->assertJsonPath('sound', true);
        $rack = $this->ask('POST', '/api/stones', self::PLATE)->assertCreated()->json('stones');
        $plate = array_column($rack, null, 'label')['12 µm'];
        self::assertEqualsWithDelta(62.5, $plate['price'], 1e-9);

        $this->ask('PUT', "/api/stones/{$plate['id']}", [
            ...self::PLATE,
            'lasts' => '1000',
            'version' => 1,
        ])->assertJsonPath('stones.2.lasts', 1000);
        $entry = $this->ask('DELETE', "/api/stones/{$plate['id']}", ['version' => 2])
            ->assertOk()
            ->json();
        $this->ask('GET', '/api/rack')->assertJsonCount(6, 'stones');
        $this->ask('POST', "/api/diary/{$entry['id']}/undo")->assertCreated();
        $this->ask('GET', '/api/rack')->assertJsonCount(7, 'stones');
    }

    /** 12 µm beside the 1000 stone's 11.5: they do the same. */
    public function test_a_double_is_seen_at_once(): void
    {
        $notes = $this->ask('POST', '/api/stones', self::PLATE)->json('notes');
        self::assertContains(
            'The 12 µm diamond plate and the 1000 stone do the same (12 and 11.5 µm).',
            array_column($notes, 'says'),
        );
    }

    public function test_an_unlisted_designation_names_the_two_around_it(): void
    {
        $this->ask('POST', '/api/rack/preview', [
            ...self::PLATE,
            'scale' => 'fepa-p',
            'designation' => '330',
        ])->assertJsonPath('figures.designation.error', 'Is not listed; the listed ones around it are P320 and P360.');
        $this->ask('POST', '/api/stones', [...self::PLATE, 'designation' => ''])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'designation');
        $this->ask('POST', '/api/stones', [...self::PLATE, 'price' => 'much'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'price');
    }

    public function test_flattening_and_a_new_sheet_count_from_today(): void
    {
        $stone = Stone::of(self::bench())->where('name', '4000 stone')->firstOrFail();
        $this->ask('POST', "/api/stones/{$stone->id}/flattened", ['version' => 1])->assertJsonPath(
            'stones.3.flatSays',
            'flat',
        );
        $this->ask('POST', "/api/stones/{$stone->id}/renewed", ['version' => 2])->assertJsonPath(
            'stones.3.wornSays',
            'not used here yet',
        );
        $this->ask('POST', "/api/stones/{$stone->id}/flattened", ['version' => 1])->assertStatus(409);
    }

    public function test_the_first_waterstones_fill_an_empty_rack(): void
    {
        Stone::of(self::bench())->get()->each->delete();
        $this->ask('POST', '/api/tools', [
            'kind' => 'waterstones',
            'figures' => (object) [],
            'name' => '',
            'status' => 'owned',
            'price' => '',
        ])->assertCreated();
        $this->ask('GET', '/api/rack')->assertJsonPath('stones.*.label', ['1000', '4000', '8000']);
    }
}
