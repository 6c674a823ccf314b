<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Tool\Tool;
use App\Tool\ToolUse;
use Database\Factories\FilingFactory;
use Database\Factories\ToolUseFactory;

/** Card scrapers: turned pass by pass; how long a burr lasts is learnt from the days of use. */
final class ScraperTest extends HttpTestCase
{
    private const SHEET = ['figures' => ['tilt' => '10', 'free' => '5', 'thickness' => '0.8'], 'filed' => true];

    private static function card(): Tool
    {
        return Tool::of(self::bench())->where('kind', 'card-scraper')->firstOrFail();
    }

    public function test_tilt_decides_lean_and_passes(): void
    {
        $card = self::card()->id;
        $this->ask('GET', '/api/scrapers')->assertOk()->assertJsonPath('scrapers.0.id', $card);
        $preview = $this->ask('POST', "/api/scrapers/$card/preview", self::SHEET)
            ->assertOk()
            ->assertJsonPath('drawn.leanDeg', 15)
            ->assertJsonPath('sound', true)
            ->json();
        // Two long edges of six file strokes, four corners of ten on the stone, four and four passes of the burnisher.
        self::assertSame(
            ['12 strokes', '40 strokes', '16 passes', '16 passes'],
            array_column($preview['steps'], 'count'),
        );
        $again = $this->ask('POST', "/api/scrapers/$card/preview", ['filed' => false] + self::SHEET)->json();
        self::assertCount(2, $again['steps']);
        self::assertStringStartsWith('Draw it out and turn it again', $again['next']['says']);
    }

    public function test_what_cannot_be_is_told_beside_its_field(): void
    {
        $card = self::card()->id;
        foreach (['tilt' => '60', 'free' => 'much', 'thickness' => '9'] as $field => $typed) {
            $wrong = ['figures' => [$field => $typed] + self::SHEET['figures']] + self::SHEET;
            self::assertNotNull(
                $this->ask('POST', "/api/scrapers/$card/preview", $wrong)->json("figures.$field.error"),
            );
            $this->ask('POST', "/api/scrapers/$card/sessions", $wrong)
                ->assertStatus(422)
                ->assertJsonPath('errors.0.field', "figures.$field");
        }
        $this->ask('POST', "/api/scrapers/$card/sessions", ['figures' => ['tilt' => '']] + self::SHEET)->assertStatus(
            422,
        );
        $this->ask(
            'GET',
            '/api/scrapers/'.Tool::of(self::bench())->where('kind', 'jack-plane')->firstOrFail()->id,
        )->assertNotFound();
    }

    public function test_it_is_turned_at_the_bench_and_written_down(): void
    {
        $card = self::card();
        $session = $this->ask('POST', "/api/scrapers/{$card->id}/sessions", self::SHEET)
            ->assertCreated()
            ->assertJsonPath('kind', 'turning')
            ->assertJsonPath('about', ['kind' => 'scraper', 'id' => $card->id])
            ->json();
        self::assertContains(
            "Go on turning the {$card->name}.",
            $this->ask('GET', '/api/bench')->json('chores.*.says'),
        );
        $this->ask('PUT', "/api/sessions/{$session['id']}", [
            'atStep' => 3,
            'phase' => 'stroke',
            'counted' => [12, 40, 16, 16],
            'version' => 1,
        ])->assertOk();
        $this->ask('POST', "/api/sessions/{$session['id']}/finish", ['outcome' => 'done', 'version' => 2])->assertOk();
        $this->ask('GET', "/api/scrapers/{$card->id}")
            ->assertJsonCount(1, 'turnings')
            ->assertJsonPath('running', null);
        $this->ask('GET', '/api/diary')->assertJsonPath('entries.0.sentence', "Turned a burr on the {$card->name}.");
        self::assertSame([], array_diff_key($card->refresh()->size, $card->size));
    }

    /** Turned three times: two and four days of use between, three in the middle; one day since. */
    public function test_how_long_a_burr_lasts_is_learnt(): void
    {
        $bench = self::bench();
        $card = self::card();
        ToolUse::of($bench)->where('tool_id', $card->id)->delete();
        foreach ([40, 30, 20] as $ago) {
            FilingFactory::at($bench)->of($card)->daysAgo($ago)->createOne();
        }
        foreach ([39, 38, 29, 28, 27, 26, 10] as $ago) {
            ToolUseFactory::at($bench)->of($card)->daysAgo($ago)->createOne();
        }
        self::assertSame(
            'Used on one day since; your burrs last about 3 days of use.',
            $this->ask('POST', "/api/scrapers/{$card->id}/preview", self::SHEET)->json('lasts'),
        );
    }
}
