<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Tool\Tool;
use Database\Factories\WorkFactory;

/** Auger bits: measured, kept, judged; and the holes that none of them bores. */
final class AugerTest extends HttpTestCase
{
    private function set(): int
    {
        return (int) $this->ask('GET', '/api/augers')->assertOk()->json('sets.0.id');
    }

    /** @return array<int, array<string, mixed>> by sixteenths */
    private function bits(): array
    {
        return array_column(
            $this->ask('GET', "/api/augers/{$this->set()}")
                ->assertOk()
                ->json('bits'),
            null,
            'sixteenths',
        );
    }

    public function test_the_set_shows_each_bit_with_what_becomes_of_it(): void
    {
        $bits = $this->bits();
        self::assertSame(range(4, 12), array_keys($bits));
        self::assertSame(
            ['keep', 'file', 'set aside', 'not checked', 'file'],
            array_map(static fn (int $size): string => $bits[$size]['says'], [4, 5, 6, 7, 8]),
        );
        self::assertSame('12.7 mm (1/2 in)', $bits[8]['name']);
        $this->ask(
            'GET',
            '/api/augers/'.Tool::of(self::bench())->where('kind', 'jack-plane')->firstOrFail()->id,
        )->assertNotFound();
    }

    public function test_a_bit_is_measured_kept_and_undone(): void
    {
        $form = [
            'sixteenths' => 7,
            'figures' => ['spurs' => '11.2', 'twist' => '11.1'],
            'sharp' => false,
            'version' => 0,
        ];
        $this->ask('POST', "/api/augers/{$this->set()}/preview", $form)
            ->assertOk()
            ->assertJsonPath('verdict', 'file')
            ->assertJsonPath('sound', true);
        $this->ask('PUT', "/api/augers/{$this->set()}", $form)->assertOk();
        self::assertSame([1, 'file'], [$this->bits()[7]['version'], $this->bits()[7]['says']]);
        // Begun anew from a page that did not know of it.
        $this->ask('PUT', "/api/augers/{$this->set()}", $form)->assertStatus(409);
        $this->ask(
            'PUT',
            "/api/augers/{$this->set()}",
            ['figures' => ['spurs' => '10.9', 'twist' => '11.1'], 'version' => 1] + $form,
        )->assertOk();
        self::assertSame(
            ['set aside', 'The time before it measured 11.20 mm across the spurs.'],
            [$this->bits()[7]['says'], $this->bits()[7]['before']],
        );
        $this->ask(
            'POST',
            '/api/diary/'.$this->ask('GET', '/api/diary')->json('entries.0.id').'/undo',
        )->assertCreated();
        self::assertSame('file', $this->bits()[7]['says']);
    }

    public function test_what_cannot_be_is_told_beside_its_field(): void
    {
        $put = fn (array $figures) => $this->ask('PUT', "/api/augers/{$this->set()}", [
            'sixteenths' => 7,
            'figures' => $figures,
            'sharp' => false,
            'version' => 0,
        ])->assertStatus(422);
        $put(['spurs' => 'wide', 'twist' => '11'])->assertJsonPath('errors.0.field', 'figures.spurs');
        $put(['spurs' => '11.2'])->assertJsonPath('errors.0.field', 'figures.twist');
        $this->ask('PUT', "/api/augers/{$this->set()}", ['sixteenths' => 0, 'figures' => [], 'sharp' => false])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'sixteenths');
    }

    /** The hive stand is bored for nothing; a bench with 20 mm holes asks for a bit that the set has not. */
    public function test_holes_of_the_works_that_no_bit_bores(): void
    {
        self::assertSame([], $this->ask('GET', "/api/augers/{$this->set()}")->json('gaps'));
        WorkFactory::at(self::bench())->bored(30)->createOne();
        $this->ask('GET', "/api/augers/{$this->set()}")->assertJsonPath('gaps', [
            'No bit for the 30 mm holes of the bee house.',
        ]);
    }

    public function test_a_bit_is_filed_at_the_bench(): void
    {
        $set = $this->set();
        self::assertSame(
            ['6 strokes', '6 strokes', '2 strokes', '1 hole'],
            $this->ask('GET', "/api/augers/$set")->json('steps.*.count'),
        );
        $session = $this->ask('POST', "/api/augers/$set/sessions", [
            'sixteenths' => 8,
            'figures' => [],
            'sharp' => false,
        ])
            ->assertCreated()
            ->assertJsonPath('about', ['kind' => 'auger', 'id' => $set])
            ->assertJsonPath('title', '12.7 mm bit')
            ->json();
        $this->ask('GET', "/api/augers/$set")->assertJsonPath('running', $session['id']);
        $this->ask('PUT', "/api/sessions/{$session['id']}", [
            'atStep' => 3,
            'phase' => 'stroke',
            'counted' => [6, 6, 2, 1],
            'version' => 1,
        ])->assertOk();
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", ['outcome' => 'done', 'version' => 2])->assertOk();
        $this->ask('GET', "/api/augers/$set")->assertJsonCount(1, 'filings');
        $this->ask('GET', '/api/diary')->assertJsonPath('entries.0.sentence', 'Filed the 12.7 mm bit.');
    }
}
