<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing;

use JackRest\Core\Tests\Computes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SquareReversalTest extends TestCase
{
    use Computes;

    private const TEST = ['bladeLengthMm' => 200, 'farGapsMm' => [0.3, 0.34, 0.32], 'lineWidthMm' => 0.1];

    /** Common practice, no source: the lines part by twice the error. */
    public function test_the_error_is_half_the_gap(): void
    {
        $answer = self::compute('square-reversal', self::TEST);

        self::assertEqualsWithDelta(0.16, $answer['errorMm'], 1e-12);
        self::assertEqualsWithDelta(rad2deg(atan(0.16 / 200)), $answer['errorDeg'], 1e-12);
        self::assertEqualsWithDelta(90 - $answer['errorDeg'], $answer['innerAngleDeg'], 1e-12);
        self::assertSame('toward-stock', $answer['lean']);
    }

    /**
     * s = 0.02: u = ½·√(0.0004/3 + 0.01/6) = 0.021213 mm. Of its variance 2/27 is the spread's, with two degrees of
     * freedom: ν = 2·13.5² = 364.5, t = 1.9665 (between 1.9672 for 300 and 1.9659 for 400 of the printed tables).
     */
    public function test_spread_and_line_add_in_squares(): void
    {
        self::assertEqualsWithDelta(
            0.041716,
            self::compute('square-reversal', self::TEST)['expandedUncertaintyMm'],
            1e-6,
        );
    }

    /** Two readings, each to 0.05: √2 of one; and t of 4.303 where three repeats are all that is known of it. */
    public function test_what_is_read_adds_its_own_doubt(): void
    {
        $one = ['bladeLengthMm' => 200, 'farGapsMm' => [0.3], 'resolutionMm' => 0.05];
        $u = static fn (array $test): float => self::compute('square-reversal', $test)['expandedUncertaintyMm'];
        self::assertEqualsWithDelta(1.96 * 0.05 / sqrt(48), $u($one), 1e-6);
        self::assertEqualsWithDelta(sqrt(2) * $u($one), $u([...$one, 'nearGapMm' => 0.0]), 1e-12);
        $repeated = ['bladeLengthMm' => 200, 'farGapsMm' => [0.3, 0.34, 0.32]];
        self::assertEqualsWithDelta(4.303 * 0.02 / sqrt(3) / 2, $u($repeated), 1e-5);
    }

    public function test_a_gap_at_the_foot_is_taken_off(): void
    {
        self::assertEqualsWithDelta(
            0.11,
            self::compute('square-reversal', [...self::TEST, 'nearGapMm' => 0.1])['errorMm'],
            1e-12,
        );
    }

    /** @return iterable<string, array{float, string, float, float}> gap, edge, off the heel, off the tip */
    public static function whereTheWoodComesOff(): iterable
    {
        yield 'toward the stock, outer edge: the heel' => [0.32, 'outer', 0.16, 0.0];
        yield 'away from the stock, outer edge: the tip' => [-0.32, 'outer', 0.0, 0.16];
        yield 'toward the stock, inner edge: the tip' => [0.32, 'inner', 0.0, 0.16];
        yield 'away from the stock, inner edge: the heel' => [-0.32, 'inner', 0.16, 0.0];
    }

    #[DataProvider('whereTheWoodComesOff')]
    public function test_where_the_wood_comes_off(float $gap, string $edge, float $heel, float $tip): void
    {
        $answer = self::compute('square-reversal', ['bladeLengthMm' => 200, 'farGapsMm' => [$gap], 'edge' => $edge]);

        self::assertEqualsWithDelta([$heel, $tip], [$answer['removeAtHeelMm'], $answer['removeAtTipMm']], 1e-12);
    }

    /** 0.3/0.1 is three shavings, whatever floating point makes of it. */
    #[TestWith([0.6, 0.1, 3])]
    #[TestWith([0.32, 0.04, 4])]
    #[TestWith([0.33, 0.04, 5])]
    public function test_shavings_are_rounded_up(float $gap, float $shaving, int $count): void
    {
        self::assertSame(
            $count,
            self::compute('square-reversal', ['bladeLengthMm' => 200, 'farGapsMm' => [$gap], 'shavingMm' => $shaving])[
                'shavings'
            ],
        );
    }

    /** U = 1.96 · 0.1/√24 = 0.0400 mm: boundaries of the verdict around the tolerance of 0.1 mm. */
    #[TestWith([0.11, 'within'])]
    #[TestWith([0.13, 'cannot-tell'])]
    #[TestWith([0.28, 'cannot-tell'])]
    #[TestWith([0.29, 'outside'])]
    public function test_verdict(float $gap, string $verdict): void
    {
        $answer = self::compute('square-reversal', [
            'bladeLengthMm' => 200,
            'farGapsMm' => [$gap],
            'lineWidthMm' => 0.1,
            'toleranceMm' => 0.1,
        ]);
        self::assertSame($verdict, $answer['verdict']);
    }

    public function test_nothing_known_of_the_spread_cannot_tell(): void
    {
        self::assertSame(
            'cannot-tell',
            self::compute('square-reversal', ['bladeLengthMm' => 200, 'farGapsMm' => [0.32], 'toleranceMm' => 0.1])[
                'verdict'
            ],
        );
    }

    public function test_an_error_within_its_uncertainty_leans_nowhere_but_has_its_shavings(): void
    {
        $answer = self::compute('square-reversal', [
            'bladeLengthMm' => 200,
            'farGapsMm' => [0.06],
            'lineWidthMm' => 0.1,
            'shavingMm' => 0.04,
        ]);

        self::assertSame('square', $answer['lean']);
        self::assertSame(1, $answer['shavings']);
        self::assertEqualsWithDelta(0.03, $answer['removeAtHeelMm'], 1e-12);
    }

    public function test_a_gap_as_wide_as_the_blade_is_long_is_refused(): void
    {
        $this->assertRefused(
            'square-reversal',
            ['bladeLengthMm' => 200, 'farGapsMm' => [0.1, 200]],
            'farGapsMm[1]',
            'smaller than the length tested (200 mm)',
        );
    }

    public function test_no_gap_at_all_is_refused(): void
    {
        $this->assertRefused(
            'square-reversal',
            ['bladeLengthMm' => 200, 'farGapsMm' => []],
            'farGapsMm',
            'at least 1 entry',
        );
    }

    /**
     * Squares read with a line, a loupe and an unsteady hand, a thousand times each: the true error lies within the
     * stated uncertainty 90 to 98 times of a hundred, with few repeats, and with the foot's gap read as well.
     */
    #[TestWith([0.1, 0.02, 3, 0.05, 41])]
    #[TestWith([0.05, 0.05, 5, 0.01, 42])]
    #[TestWith([0.3, 0.0, 1, 0.05, 43])]
    #[TestWith([0.02, 0.05, 3, 0.01, 44])]
    #[TestWith([0.0, 0.05, 2, 0.01, 45])]
    #[TestWith([0.05, 0.0, 1, 0.25, 46, true])]
    public function test_the_stated_uncertainty_holds(
        float $line,
        float $hand,
        int $repeats,
        float $resolution,
        int $seed,
        bool $readsTheFoot = false,
    ): void {
        mt_srand($seed);
        $held = 0;
        $uniform = static fn (): float => mt_rand() / mt_getrandmax() - 0.5;
        for ($round = 0; $round < 1000; $round++) {
            $error = 0.5 * $uniform();
            // The two lines are knifed once; the gap between them is read several times.
            $lines = 2 * $error + $line * $uniform() + $line * $uniform();
            $gaps = [];
            for ($reading = 0; $reading < $repeats; $reading++) {
                $shaken = $lines + $hand * 2 * ($uniform() + $uniform() + $uniform());
                $gaps[] = $shaken;
            }
            // The foot was set down anywhere: all gaps are larger by what is read there, once.
            $foot = $readsTheFoot ? 0.5 + 2 * $uniform() : 0.0;
            $gaps = array_map(
                static fn (float $gap): float => round(($gap + $foot) / $resolution) * $resolution,
                $gaps,
            );
            $answer = self::compute('square-reversal', [
                'bladeLengthMm' => 200,
                'farGapsMm' => $gaps,
                'lineWidthMm' => $line,
                'resolutionMm' => $resolution,
                ...$readsTheFoot ? ['nearGapMm' => round($foot / $resolution) * $resolution] : [],
            ]);
            $held += abs($answer['errorMm'] - $error) <= $answer['expandedUncertaintyMm'] ? 1 : 0;
        }
        self::assertGreaterThan(900, $held, (string) $held);
        self::assertLessThanOrEqual(985, $held, (string) $held);
    }

    /**
     * Their mean, 0.6 ÷ 3 in binary, is no 0.2: what is left of that is no spread.
     *
     * @param  list<float>  $gaps
     */
    #[TestWith([[0.2, 0.2, 0.2]])]
    #[TestWith([[0.1, 0.1, 0.1, 0.1, 0.1, 0.1]])]
    #[TestWith([[0.7]])]
    public function test_equal_readings_have_no_spread(array $gaps): void
    {
        $test = ['bladeLengthMm' => 200, 'farGapsMm' => $gaps, 'toleranceMm' => 1];
        $answer = self::compute('square-reversal', $test);
        self::assertSame(0.0, (float) $answer['expandedUncertaintyMm']);
        self::assertSame('cannot-tell', $answer['verdict']);
    }
}
