<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Edge\Edge;

final class GeometryTest extends HttpTestCase
{
    private static function edge(string $name): Edge
    {
        return Edge::of(self::bench())->where('name', $name)->firstOrFail();
    }

    /**
     * @param  array<string, string>  $figures
     * @return array<string, mixed>
     */
    private static function form(array $figures, bool $bevelUp = false): array
    {
        return ['figures' => (object) $figures, 'bevelUp' => $bevelUp, 'steel' => 'carbon', 'duty' => 'fit'];
    }

    /** The trade's arithmetic of bevel-up planes: 20 + 25 + 6 = 51° (common practice, no source). */
    public function test_a_bevel_up_iron_cuts_at_bed_and_bevel_together(): void
    {
        $edge = self::edge('iron of the block plane, 35 mm');
        $this->ask(
            'POST',
            "/api/edges/{$edge->id}/geometry/preview",
            self::form(['bed' => '20', 'honed' => '31'], true),
        )
            ->assertJsonPath('drawn.cuttingDeg', 51)
            ->assertJsonPath('next.says', 'It cuts at 51°, with 20° of clearance.');
    }

    public function test_a_heel_that_rubs_is_told_in_the_next_stroke(): void
    {
        $edge = self::edge('iron of the jack plane, 50 mm');
        $this->ask('POST', "/api/edges/{$edge->id}/geometry/preview", self::form(['bed' => '28']))->assertJsonPath(
            'next.says',
            'It cannot cut: the heel rubs.',
        );
    }

    /** asin(0.5/70) = 0.41°. */
    public function test_a_thin_rule_makes_a_back_bevel(): void
    {
        $edge = self::edge('iron of the smoothing plane, 50 mm');
        $drawn = $this->ask(
            'POST',
            "/api/edges/{$edge->id}/geometry/preview",
            self::form(['shim' => '0.5', 'reach' => '70']),
        )->json('drawn');
        self::assertEqualsWithDelta(0.409, $drawn['backBevelDeg'], 1e-3);
    }

    public function test_figures_are_kept_and_can_be_undone(): void
    {
        $edge = self::edge('25 mm chisel');
        $body = [
            ...self::form(['honed' => '32', 'wheel' => '150', 'left' => '99']),
            'version' => 1,
            'name' => '25 mm chisel',
        ];
        $this->ask('PUT', "/api/edges/{$edge->id}/geometry", $body)
            ->assertOk()
            ->assertJsonPath('edge.secondaryDeg', 32)
            ->assertJsonPath('edge.wheelMm', 150);
        $this->ask('PUT', "/api/edges/{$edge->id}/geometry", $body)->assertStatus(409);
        $entry = $this->ask('GET', '/api/diary')->json('entries.0.id');
        $this->ask('POST', "/api/diary/$entry/undo")->assertCreated();
        self::assertEqualsWithDelta(30, self::edge('25 mm chisel')->secondary_deg, 1e-9);
    }

    public function test_what_does_not_go_together_is_said_and_not_kept(): void
    {
        $edge = self::edge('25 mm chisel');
        $this->ask('POST', "/api/edges/{$edge->id}/geometry/preview", self::form(['honed' => '20']))
            ->assertJsonPath('objection', 'The honed angle cannot be flatter than the ground one (25°).')
            ->assertJsonPath('sound', false);
        $this->ask('PUT', "/api/edges/{$edge->id}/geometry", [
            ...self::form(['honed' => '20']),
            'version' => 1,
            'name' => 'x',
        ])->assertStatus(422);
        $this->ask('PUT', "/api/edges/{$edge->id}/geometry", [
            ...self::form(['thickness' => '300']),
            'version' => 1,
            'name' => 'x',
        ])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'figures.thickness');
    }

    public function test_a_tool_brings_its_edges_and_takes_another_iron(): void
    {
        $tool = $this->ask('POST', '/api/tools', [
            'kind' => 'skew-chisels',
            'figures' => (object) ['width' => '12'],
            'name' => '',
            'status' => 'owned',
            'price' => '',
        ])
            ->assertCreated()
            ->json();
        self::assertSame(
            ['left', 'right'],
            array_map(static fn (array $edge): string => explode(' ', $edge['name'])[0], $tool['edges']),
        );

        $this->ask('POST', "/api/tools/{$tool['tool']['id']}/edges", ['version' => 1])->assertCreated();
        $edges = $this->ask('GET', "/api/tools/{$tool['tool']['id']}")->json('edges');
        self::assertCount(3, $edges);
        $this->ask('DELETE', "/api/edges/{$edges[2]['id']}", ['version' => 1])->assertOk();
        $this->ask('GET', "/api/edges/{$edges[2]['id']}")->assertNotFound();
    }

    public function test_a_set_of_plough_irons_is_eight_edges(): void
    {
        $tool = $this->ask('POST', '/api/tools', [
            'kind' => 'plough-irons',
            'figures' => (object) [],
            'name' => '',
            'status' => 'owned',
            'price' => '',
        ])
            ->assertCreated()
            ->json();
        self::assertCount(8, $tool['edges']);
    }

    public function test_the_school_decides_the_bevel_of_a_new_edge(): void
    {
        $version = $this->ask('GET', '/api/kit/school')->json('version');
        $this->ask('PUT', '/api/kit/school', ['version' => $version, 'answers' => ['bevel' => 'hollow']])->assertOk();
        $tool = $this->ask('POST', '/api/tools', [
            'kind' => 'bench-chisel',
            'figures' => (object) ['width' => '9'],
            'name' => '',
            'status' => 'owned',
            'price' => '',
        ])->json();
        $edge = $this->ask('GET', "/api/edges/{$tool['edges'][0]['id']}")->json('edge');
        self::assertSame([30, 30, 150], [$edge['primaryDeg'], $edge['secondaryDeg'], $edge['wheelMm']]);
    }
}
