<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Edge;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Honing guides: the axle from settings, and settings from the axle, checked by hand and against each other. */
final class HoningGuideTest extends TestCase
{
    use Computes;

    /**
     * Common practice, no source: a side-clamp guide takes chisels at 40 and 30 mm, irons at 50 and 38 for 25° and
     * 30°. They sit in different seats, one above the other, so the axle's setback is the same for both.
     */
    #[TestWith([16.0])]
    #[TestWith([18.0])]
    #[TestWith([20.0])]
    public function test_chisels_and_irons_find_one_axle(float $roller): void
    {
        $guide = static fn (float $at25, float $at30): array => self::compute('guide-calibrate', [
            'rollerDiameterMm' => $roller,
            'settings' => [['projectionMm' => $at25, 'angleDeg' => 25], ['projectionMm' => $at30, 'angleDeg' => 30]],
        ]);
        [$chisels, $irons] = [$guide(40, 30), $guide(50, 38)];

        self::assertEqualsWithDelta($chisels['axleSetbackMm'], $irons['axleSetbackMm'], 0.5);
        self::assertGreaterThan($chisels['axleDropMm'] + 1, $irons['axleDropMm']);
    }

    /** What calibrates a guide is given back by it. */
    #[TestWith([18.0, 12.0, 16.0])]
    #[TestWith([25.0, -4.0, 20.0])]
    public function test_calibrating_and_projecting_are_each_others_way_back(
        float $roller,
        float $setback,
        float $drop,
    ): void {
        $stops = self::compute('guide-projection', [
            'rollerDiameterMm' => $roller,
            'axleSetbackMm' => $setback,
            'axleDropMm' => $drop,
            'anglesDeg' => [25, 30, 35],
        ])['projections'];
        foreach ([array_slice($stops, 0, 2), $stops] as $settings) {
            $guide = self::compute('guide-calibrate', ['rollerDiameterMm' => $roller, 'settings' => $settings]);
            self::assertEqualsWithDelta(
                [$setback, $drop, 0],
                [$guide['axleSetbackMm'], $guide['axleDropMm'], $guide['residualDeg']],
                1e-9,
            );
        }
    }

    /** By hand at 30°: (9 + 10·cos 30°)/sin 30° − 5 = 18 + 17.3205 − 5. */
    public function test_a_projection_by_hand(): void
    {
        $stops = self::compute('guide-projection', [
            'rollerDiameterMm' => 18,
            'axleSetbackMm' => 5,
            'axleDropMm' => 10,
            'anglesDeg' => [30],
        ])['projections'];
        self::assertEqualsWithDelta(13 + 10 * sqrt(3), $stops[0]['projectionMm'], 1e-9);
    }

    public function test_a_bad_reading_shows_in_the_residual(): void
    {
        $stops = self::compute('guide-projection', [
            'rollerDiameterMm' => 18,
            'axleSetbackMm' => 12,
            'axleDropMm' => 16,
            'anglesDeg' => [25, 28, 30, 35],
        ])['projections'];
        $stops[1]['angleDeg'] += 0.5;
        $residual = self::compute('guide-calibrate', ['rollerDiameterMm' => 18, 'settings' => $stops])['residualDeg'];
        self::assertGreaterThan(0.2, $residual);
        self::assertLessThan(0.5, $residual);
    }

    public function test_settings_that_determine_nothing_are_refused(): void
    {
        $settings = static fn (array ...$rows): array => [
            'rollerDiameterMm' => 18,
            'settings' => array_map(
                static fn (array $row): array => ['projectionMm' => $row[0], 'angleDeg' => $row[1]],
                $rows,
            ),
        ];
        $this->assertRefused('guide-calibrate', $settings([40, 25], [30, 25]), 'settings', 'two different angles');
        $this->assertRefused('guide-calibrate', $settings([40, 25], [40, 30]), 'settings', 'one projection');
        $this->assertRefused('guide-calibrate', $settings([40, 25]), 'settings', 'at least 2 entries');
        $this->assertRefused(
            'guide-projection',
            ['rollerDiameterMm' => 18, 'axleSetbackMm' => 100, 'axleDropMm' => 10, 'anglesDeg' => [25, 60]],
            'anglesDeg[0]',
            'too steep for this guide',
        );
    }
}
