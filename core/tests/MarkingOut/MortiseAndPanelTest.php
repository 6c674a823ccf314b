<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\MarkingOut;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class MortiseAndPanelTest extends TestCase
{
    use Computes;

    private const JOINT = ['stockMm' => 24, 'railWidthMm' => 60, 'chiselsMm' => [6, 10, 12], 'depthMm' => 30];

    private const PANEL = [
        'panelWidthMm' => 400, 'boardWidthMm' => 100, 'stockMm' => 20, 'pairForMm' => 25, 'tongueMm' => 6,
        'tongueLongMm' => 6,
    ];

    /** A third of the stock, as wide as a chisel one has: common practice, no source. On a tie the wider. */
    public function test_the_chisel_nearest_a_third(): void
    {
        $chosen = static fn (float $stock, array $chisels): float => (float) self::compute('mortise-layout', [
            ...self::JOINT, 'stockMm' => $stock, 'chiselsMm' => $chisels,
        ])['chiselMm'];
        self::assertSame(10.0, $chosen(24, [6, 10, 12]));
        self::assertSame(10.0, $chosen(24, [10, 6]));
        self::assertSame(6.0, $chosen(19, [6, 10]));
        self::assertSame(12.0, $chosen(24, [12, 25]));
        $wide = [...self::JOINT, 'chiselsMm' => [12.5]];
        $this->assertRefused('mortise-layout', $wide, 'chiselsMm', 'half the thinner');
    }

    public function test_one_setting_leaves_faces_flush_and_walls_told(): void
    {
        $answer = self::compute('mortise-layout', [
            ...self::JOINT, 'stockMm' => 40, 'railMm' => 27, 'offsetMm' => -4, 'shouldersMm' => [12, 6],
        ]);
        self::assertEquals(10, $answer['chiselMm']);
        self::assertEquals([11, 21], $answer['gaugeMm']);
        self::assertEquals([11, 19], $answer['stileWallsMm']);
        self::assertEquals([11, 6], $answer['railCheeksMm']);
        self::assertEquals([42, 42, 30, 32, 30], [
            $answer['tenonWidthMm'], $answer['mortiseLengthMm'], $answer['tenonLengthMm'], $answer['mortiseDepthMm'],
            $answer['sawDepthMm'],
        ]);
        $through = self::compute('mortise-layout', [...self::JOINT, 'through' => true]);
        self::assertEquals(30, $through['mortiseDepthMm']);
    }

    public function test_points_off_the_wood_and_tenons_of_nothing_are_refused(): void
    {
        $this->assertRefused('mortise-layout', [...self::JOINT, 'offsetMm' => 7], 'offsetMm', 'run out');
        $this->assertRefused('mortise-layout', [...self::JOINT, 'offsetMm' => -8], 'offsetMm', 'run out');
        $thin = [...self::JOINT, 'stockMm' => 60, 'railMm' => 20];
        $this->assertRefused('mortise-layout', $thin, 'railMm', 'off the rail');
        $this->assertRefused('mortise-layout', [...self::JOINT, 'shouldersMm' => [40, 20]], 'shouldersMm', 'nothing');
        $this->assertRefused('mortise-layout', [...self::JOINT, 'shouldersMm' => [4]], 'shouldersMm', '2');
    }

    /** A 25 mm pair puts a 6 mm groove in the middle of 25 mm stock: common practice, no source. */
    public function test_a_pair_on_its_own_thickness_is_centred(): void
    {
        $answer = self::compute('tongue-and-groove', [...self::PANEL, 'stockMm' => 25]);
        self::assertEquals([0, 9.5, 9.5], [
            $answer['offCentreMm'], $answer['tongueFromFaceMm'], $answer['wallBehindMm'],
        ]);
        self::assertEquals([5, 94, 24], [$answer['boards'], $answer['faceMm'], $answer['lastFaceMm']]);
        foreach ([
            ['stockMm', 15.5, 'thinner wood'],
            ['tongueMm', 25, 'made for'],
            ['tongueLongMm', 100, 'board is wide'],
            ['swellPct', 6.5, 'as long as the tongue'],
        ] as [$field, $value, $says]) {
            $this->assertRefused('tongue-and-groove', [...self::PANEL, $field => $value], $field, $says);
        }
    }

    /** Faces and gaps make up the panel to its edge, and no board is superfluous. */
    public function test_faces_and_gaps_make_up_the_panel(): void
    {
        $dice = new Randomizer(new Mt19937(3));
        for ($trial = 0; $trial < 300; $trial++) {
            $panel = $dice->getInt(50000, 2000000) / 1000;
            $answer = self::compute('tongue-and-groove', [
                ...self::PANEL, 'panelWidthMm' => $panel, 'boardWidthMm' => $dice->getInt(40000, 200000) / 1000,
                'swellPct' => $dice->getInt(0, 2500) / 1000,
            ]);
            $joints = $answer['boards'] - 1;
            self::assertEqualsWithDelta(
                $panel,
                $joints * ($answer['faceMm'] + $answer['gapMm']) + $answer['lastFaceMm'],
                1e-9,
            );
            self::assertGreaterThan(-1e-6 - $answer['gapMm'], $answer['lastFaceMm']);
            self::assertLessThanOrEqual($answer['faceMm'] + 1e-6, $answer['lastFaceMm']);
        }
    }

    /**
     * Movement by the Wood Handbook: flatsawn black cherry (C_T 0.00248) of 94 mm from 6 to 12 % grows 1.40 mm, and a
     * gap of that per cent takes it up.
     */
    public function test_the_gap_takes_up_what_the_wood_handbook_says(): void
    {
        $moves = self::compute('wood-movement', [
            'species' => 'black cherry', 'ringAngleDeg' => 0, 'widthMm' => 94,
            'from' => ['mcPct' => 6], 'to' => ['mcPct' => 12],
        ])['changeMm'];
        self::assertEqualsWithDelta(94 * 0.00248 * 6, $moves, 0.01);
        $panel = self::compute('tongue-and-groove', [...self::PANEL, 'swellPct' => 100 * $moves / 94]);
        self::assertEqualsWithDelta($moves, $panel['gapMm'], 1e-9);
    }
}
