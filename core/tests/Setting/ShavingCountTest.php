<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Setting;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ShavingCountTest extends TestCase
{
    use Computes;

    /** The contract's check; and five shavings of 0.05 take 0.25: common practice, no source. */
    public function test_shavings_are_a_measure(): void
    {
        $pack = ['fromMm' => 20.35, 'toMm' => 20, 'pack' => ['count' => 10, 'thicknessMm' => 0.5]];
        self::assertSame(7, self::compute('shaving-count', $pack)['shavings']);
        $five = self::compute('shaving-count', ['fromMm' => 12.25, 'toMm' => 12, 'shavingMm' => 0.05]);
        self::assertSame([5, [5]], [$five['shavings'], $five['perFace']]);
        self::assertEqualsWithDelta(12, $five['reachesMm'], 1e-9);
        self::assertArrayNotHasKey('measureAfter', $five);
        $both = self::compute('shaving-count', ['fromMm' => 12.25, 'toMm' => 12, 'shavingMm' => 0.05, 'faces' => 2]);
        self::assertSame([3, 2], $both['perFace']);
        $half = self::compute('shaving-count', ['fromMm' => 12.125, 'toMm' => 12, 'shavingMm' => 0.05]);
        self::assertSame(3, $half['shavings'], 'a half upward');
    }

    public function test_a_narrow_shaving_tilts_the_edge(): void
    {
        $edge = ['fromMm' => 50, 'toMm' => 49, 'shavingMm' => 0.1, 'widthMm' => 20];
        $tilt = static fn (float $wide): float => (float) self::compute('shaving-count', [
            ...$edge, 'shavingWidthMm' => $wide,
        ])['tiltDeg'];
        self::assertEqualsWithDelta(rad2deg(atan(1 / 20)), $tilt(19), 1e-9);
        self::assertSame(0.0, $tilt(20));
        self::assertArrayNotHasKey('tiltDeg', self::compute('shaving-count', $edge));
    }

    public function test_what_cannot_be_counted_is_refused(): void
    {
        $work = ['fromMm' => 20, 'toMm' => 19];
        $this->assertRefused('shaving-count', $work, 'shavingMm', 'either');
        $pack = ['count' => 10, 'thicknessMm' => 0.5];
        $this->assertRefused('shaving-count', [...$work, 'shavingMm' => 0.05, 'pack' => $pack], 'shavingMm', 'either');
        $this->assertRefused('shaving-count', ['fromMm' => 18, 'shavingMm' => 0.1] + $work, 'fromMm', 'only takes off');
        self::assertSame(0, self::compute('shaving-count', ['fromMm' => 19, 'shavingMm' => 0.1] + $work)['shavings']);
    }

    /** The largest count that bears the tolerance, against asking each of them. */
    public function test_when_to_measure_again(): void
    {
        $dice = new Randomizer(new Mt19937(9));
        for ($trial = 0; $trial < 150; $trial++) {
            $ask = [
                'fromMm' => 20 + $dice->getInt(1, 300) / 100, 'toMm' => 20,
                'pack' => [
                    'count' => $dice->getInt(4, 12), 'thicknessMm' => 0.6, 'resolutionMm' => $dice->getInt(0, 5) / 100,
                ],
                'spreadMm' => $dice->getInt(0, 20) / 1000, 'measureMm' => $dice->getInt(0, 10) / 100,
                'toleranceMm' => $tolerance = $dice->getInt(1, 20) / 100,
            ];
            $answer = self::compute('shaving-count', $ask);
            $each = $answer['shavingMm'];
            $bears = 0;
            for ($count = 0; $count <= $answer['shavings']; $count++) {
                $doubt = self::compute('shaving-count', [
                    ...$ask, 'toMm' => $ask['fromMm'] - $count * $each,
                ])['expandedUncertaintyMm'];
                $bears = $doubt <= $tolerance + 1e-9 ? $count : $bears;
            }
            self::assertSame($bears, $answer['measureAfter']);
        }
    }

    /** Simulated shavings whose truth is known: the true size lies within U at least nine times of ten. */
    public function test_the_true_size_lies_within_its_uncertainty(): void
    {
        mt_srand(20261128);
        // Box and Muller's normal deviates.
        $normal = static fn (): float => sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_000))
            * cos(2 * M_PI * mt_rand() / mt_getrandmax());
        $within = 0;
        for ($trial = 0; $trial < 2000; $trial++) {
            [$truth, $spread, $resolution, $measure] = [0.05, 0.006, 0.02, 0.1];
            $pack = 10 * $truth;
            $read = round($pack / $resolution) * $resolution;
            $start = 21 + mt_rand(0, 1000) / 1000;
            $answer = self::compute('shaving-count', [
                'fromMm' => round($start / $measure) * $measure, 'toMm' => 20,
                'pack' => ['count' => 10, 'thicknessMm' => $read, 'resolutionMm' => $resolution],
                'spreadMm' => $spread, 'measureMm' => $measure,
            ]);
            $size = $start;
            for ($stroke = 0; $stroke < $answer['shavings']; $stroke++) {
                $size -= $truth + $spread * $normal();
            }
            $within += abs($size - $answer['reachesMm']) <= $answer['expandedUncertaintyMm'] ? 1 : 0;
        }
        self::assertGreaterThan(1800, $within);
    }
}
