<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Edge\Edge;

/** The curve of an iron: asked, kept, printed. */
final class CurveTest extends HttpTestCase
{
    private static function iron(): int
    {
        return Edge::of(self::bench())->where('name', 'iron of the jack plane, 50 mm')->firstOrFail()->id;
    }

    public function test_a_curve_is_chosen_kept_and_undone(): void
    {
        $iron = self::iron();
        $page = $this->ask('GET', "/api/edges/$iron/curve")
            ->assertOk()
            ->json();
        self::assertSame('0.5', array_column($page['roles'], null, 'value')['jack']['reliefs'][1]['relief']);
        $before = Edge::of(self::bench())->findOrFail($iron)->radius_mm;
        $form = ['figures' => ['relief' => '0.5', 'radius' => ''], 'stone' => $page['stones'][0]['value']];
        $this->ask('POST', "/api/edges/$iron/curve/preview", $form)
            ->assertOk()
            ->assertJsonPath('sound', true)
            ->assertJsonPath('places.2.strokes', 0);
        $this->ask('PUT', "/api/edges/$iron/curve", $form + ['version' => $page['edge']['version']])
            ->assertOk()
            ->assertJsonPath('radius', '442.3');
        $this->ask('PUT', "/api/edges/$iron/curve", $form + ['version' => $page['edge']['version']])->assertStatus(
            409,
        );
        $this->ask(
            'POST',
            '/api/diary/'.$this->ask('GET', '/api/diary')->json('entries.0.id').'/undo',
        )->assertCreated();
        self::assertSame($before, Edge::of(self::bench())->findOrFail($iron)->radius_mm);
    }

    public function test_what_cannot_be_is_refused(): void
    {
        $iron = self::iron();
        $this->ask('PUT', "/api/edges/$iron/curve", [
            'figures' => ['relief' => 'deep'],
            'stone' => null,
            'version' => 1,
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'figures.relief');
        $this->ask('PUT', "/api/edges/$iron/curve", [
            'figures' => ['relief' => ''],
            'stone' => null,
            'version' => 1,
        ])->assertStatus(422);
        $this->get("/api/edges/$iron/curve.svg?relief=", ['Accept' => 'application/json'])->assertStatus(422);
        $chisel = Edge::of(self::bench())->where('form', 'chisel')->firstOrFail()->id;
        $this->ask('GET', "/api/edges/$chisel/curve")->assertNotFound();
    }

    public function test_the_template_is_a_file(): void
    {
        $iron = self::iron();
        self::assertStringContainsString(
            'class="curve"',
            (string) $this->get("/api/edges/$iron/curve.svg?radius=250")
                ->assertOk()
                ->getContent(),
        );
        self::assertStringStartsWith(
            '%PDF',
            (string) $this->get("/api/edges/$iron/curve.pdf?relief=0.5")
                ->assertOk()
                ->getContent(),
        );
    }
}
