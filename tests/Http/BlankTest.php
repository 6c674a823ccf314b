<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Support\Carbon;

/** The shelf: blanks are laid on it, rested, and ranked for the piece that is wanted. */
final class BlankTest extends HttpTestCase
{
    private const HOLLY = [
        'name' => 'holly strip',
        'species' => 'American holly',
        'figure' => 'straight',
        'knots' => 'none',
        'figures' => [
            'length' => '12in',
            'width' => '60',
            'thickness' => '20',
            'ring' => '88',
            'runout' => '0.5',
        ],
    ];

    /** @return array<string, array<string, mixed>> by name, in the order of their ranks */
    private function shelf(string $asks = ''): array
    {
        return array_column(
            $this->ask('GET', "/api/blanks$asks")
                ->assertOk()
                ->json('blanks'),
            null,
            'name',
        );
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_the_shelf_is_ranked_with_the_reasons(): void
    {
        $shelf = $this->shelf('?purpose=blade');
        self::assertSame('cherry offcut', array_key_first($shelf));
        self::assertSame('good', $shelf['cherry offcut']['fitness']);
        self::assertMatchesRegularExpression(
            '/^From \d+(\.\d)? to \d+(\.\d)? % its edge turns by 0\.\d+ mm over 250 mm, its width by 0\.\d+ mm\.$/',
            $shelf['cherry offcut']['moves'],
        );
        self::assertSame(
            ['unfit', 'It moved by 0.40 mm of bow in 8 days: use another piece.'],
            array_values($shelf['beech slat']['reasons'][0]),
        );
        self::assertSame('resting', $shelf['maple length']['rest']['verdict']);
        self::assertSame('unfit', $shelf['pine board end']['fitness']);
        $this->ask('GET', '/api/blanks?purpose=blade')->assertJsonPath('next.says', 'Take the cherry offcut.');
        $this->ask('GET', '/api/blanks?purpose=straightedge')
            ->assertJsonPath('next.says', 'Wait for the maple length: it is resting.')
            ->assertJsonPath('usual.length', '900');
        $this->ask('GET', '/api/blanks?purpose=straightedge&length=3+m')
            ->assertJsonPath('next.says', 'None of these is for that piece.')
            ->assertJsonPath('figures.length.error', null);
        $this->ask('GET', '/api/blanks?length=long')->assertJsonPath('blanks.0.name', 'cherry offcut');
    }

    /** Prepared, measured, a week gone by, measured again. */
    public function test_the_wanted_piece_lies_on_the_shelf_with_what_is_planed_off(): void
    {
        $shelf = $this->ask('GET', '/api/blanks?purpose=blade&length=250&width=45&thickness=8')->assertOk();
        self::assertSame(
            ['lengthMm' => 270.0, 'widthMm' => 50.0, 'thicknessMm' => 11.0],
            array_map(floatval(...), $shelf->json('wanted')),
        );
        foreach ($shelf->json('blanks') as $blank) {
            self::assertStringContainsString($blank['lengthMm'].' mm', $blank['says']);
        }
    }

    public function test_a_blank_is_laid_rested_and_found_still(): void
    {
        $this->ask('POST', '/api/blanks', self::HOLLY)
            ->assertCreated()
            ->assertJsonPath('sentence', 'Laid the holly strip on the shelf.');
        $holly = $this->shelf()['holly strip'];
        self::assertSame(['not-begun', 'doubtful'], [$holly['rest']['verdict'], $holly['fitness']]);
        $measure = fn (string $bow, int $version) => $this->ask('POST', "/api/blanks/{$holly['id']}/measures", [
            'figures' => ['bow' => $bow, 'wind' => '0', 'cup' => '-0.05'],
            'version' => $version,
        ]);
        $measure('0.1', 1)
            ->assertCreated()
            ->assertJsonPath('sentence', 'Measured the holly strip: bow 0.10 mm, wind 0.00 mm, cup −0.05 mm.');
        self::assertSame('resting', $this->shelf()['holly strip']['rest']['verdict']);
        Carbon::setTestNow(Carbon::now()->addDays(7));
        self::assertSame('Its week is over: measure it again.', $this->shelf()['holly strip']['rest']['says']);
        $measure('0.15', 1)->assertStatus(409);
        $measure('0.15', 2)->assertCreated();
        $holly = $this->shelf()['holly strip'];
        self::assertSame(['still', 'good'], [$holly['rest']['verdict'], $holly['fitness']]);
        self::assertCount(2, $holly['rest']['visits']);
    }

    public function test_what_cannot_be_is_told_beside_its_field_and_nothing_is_kept(): void
    {
        $before = array_keys($this->shelf());
        $figures = self::HOLLY['figures'];
        $wrong = ['ring' => '120', 'length' => '', 'width' => 'wide', 'runout' => '60', 'thickness' => '0.2'];
        foreach ($wrong as $field => $typed) {
            $this->ask('POST', '/api/blanks', [...self::HOLLY, 'figures' => [...$figures, $field => $typed]])
                ->assertStatus(422)
                ->assertJsonPath('errors.0.field', "figures.$field");
        }
        $this->ask('POST', '/api/blanks', [...self::HOLLY, 'species' => 'plastic'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0', ['field' => 'species', 'message' => 'Choose a wood from the list.']);
        $this->ask('POST', '/api/blanks/preview', [
            ...self::HOLLY,
            'figures' => ['ring' => '45', 'length' => '1 ft'],
        ])
            ->assertOk()
            ->assertJsonPath('sound', false)
            ->assertJsonPath('missing.width', 'Measure this first.');
        $id = $this->shelf()['cherry offcut']['id'];
        $this->ask('POST', "/api/blanks/$id/measures", [
            'figures' => ['bow' => '0.1', 'wind' => ''],
            'version' => 1,
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.*.field', ['figures.wind', 'figures.cup']);
        self::assertSame($before, array_keys($this->shelf()));
    }

    public function test_it_is_described_anew_and_found(): void
    {
        $cherry = $this->shelf()['cherry offcut'];
        $typed = [...$cherry['typed'], 'knots' => 'in-the-way'];
        $this->ask('PUT', "/api/blanks/{$cherry['id']}", [...$typed, 'version' => 1])->assertOk();
        self::assertSame('unfit', $this->shelf()['cherry offcut']['fitness']);
        $this->ask('PUT', "/api/blanks/{$cherry['id']}", [...$typed, 'version' => 1])->assertStatus(409);
        $this->ask('GET', '/api/search?q=cherry+off')->assertJsonPath('hits.0.id', $cherry['id']);
    }
}
