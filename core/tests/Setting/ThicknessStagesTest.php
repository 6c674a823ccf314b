<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Setting;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ThicknessStagesTest extends TestCase
{
    use Computes;

    private const BOARD = [
        'fromMm' => 25, 'toMm' => 19, 'widthMm' => 200, 'stages' => 3, 'radialPct' => 4, 'tangentialPct' => 8,
        'startMcPct' => 14, 'restMcPct' => 9, 'restDays' => 3, 'ringRadiusMm' => 80, 'shavingMm' => 0.1,
    ];

    public function test_each_stage_leaves_what_the_rests_to_come_will_take(): void
    {
        $answer = self::compute('thickness-stages', self::BOARD);
        [$first, $second, $last] = $answer['stages'];
        self::assertEquals([19, 0], [$last['toMm'], $last['cupMm']]);
        self::assertEqualsWithDelta(19 + 0.6 + $second['cupMm'], $second['toMm'], 1e-9);
        self::assertEqualsWithDelta($second['toMm'] + 0.6 + $first['cupMm'], $first['toMm'], 1e-9);
        self::assertEqualsWithDelta(25, $first['toMm'] + $first['removeMm'], 1e-9);
        self::assertSame((int) ceil($first['removeMm'] / 2 / 0.1), $first['shavingsPerFace']);
        self::assertEquals(6, $answer['days']);
        self::assertEqualsWithDelta(14 * (25 / 12) ** 2, -3 / log(($second['mcPct'] - 9) / 5), 1e-6);
        self::assertEqualsWithDelta($last['mcPct'] - 9, $answer['leftToMovePct'], 1e-9);
    }

    public function test_stock_too_thin_is_told_how_many_would_fit(): void
    {
        $this->assertRefused('thickness-stages', [...self::BOARD, 'fromMm' => 20.2], 'stages', '2 would fit');
        $this->assertRefused('thickness-stages', [...self::BOARD, 'fromMm' => 18], 'toMm', 'only takes off');
    }

    /**
     * The cup against moving a flat face in polar coordinates: every point keeps its share of the ring, the ring's
     * angle opens by C_T·Δm and the radius by C_R·Δm; the face's edge rises above its middle.
     *
     * Coefficients by the Wood Handbook: S/30 over 1 − 20·S/30.
     */
    public function test_cup_against_the_polar_deformation(): void
    {
        $dice = new Randomizer(new Mt19937(4));
        for ($trial = 0; $trial < 100; $trial++) {
            $board = [
                ...self::BOARD, 'fromMm' => 60, 'widthMm' => $wide = $dice->getInt(80, 250), 'stages' => 2,
                'ringRadiusMm' => $radius = $dice->getInt(150, 600), 'startMcPct' => 14, 'restMcPct' => 13,
                'restDays' => 500, 'skimMm' => 0, 'timeConstantDays' => 20,
            ];
            $cup = self::compute('thickness-stages', $board)['stages'][0]['cupMm'];
            $per = static fn (float $pct): float => $pct / 3000 / (1 - 20 * $pct / 3000);
            [$tangential, $radial] = [$per(8) * -1, $per(4) * -1];
            // The wood shrinks by a per cent: angle and radius of the face's edge, and of its middle.
            [$angle, $far] = [atan($wide / 2 / $radius), hypot($wide / 2, $radius)];
            $moved = $angle * (1 + $tangential) / (1 + $radial);
            $rise = $radius * (1 + $radial) - $far * (1 + $radial) * cos($moved);
            self::assertEqualsWithDelta($cup, abs($rise), 0.02 * $cup + 1e-4, "$wide mm, pith at $radius mm");
        }
    }

    public function test_more_stages_leave_less_to_move(): void
    {
        $left = array_map(static fn (int $stages): float => self::compute('thickness-stages', [
            ...self::BOARD, 'stages' => $stages,
        ])['leftToMovePct'], range(1, 5));
        $fewest = $left[0];
        $sorted = $left;
        rsort($sorted);
        self::assertSame($sorted, $left);
        self::assertEqualsWithDelta(5.0, $fewest, 1e-9);
        self::assertLessThan($fewest, $left[4]);
    }
}
