<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Measure;

use JackRest\Core\Measure\StudentT;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Against the printed table of Abramowitz and Stegun, Handbook of Mathematical Functions, table 26.10. */
final class StudentTTest extends TestCase
{
    #[TestWith([0.975, 1, 12.706])]
    #[TestWith([0.975, 2, 4.303])]
    #[TestWith([0.975, 3, 3.182])]
    #[TestWith([0.975, 4, 2.776])]
    #[TestWith([0.975, 10, 2.228])]
    #[TestWith([0.975, 30, 2.042])]
    #[TestWith([0.9, 2, 1.886])]
    #[TestWith([0.9, 5, 1.476])]
    public function test_the_printed_table(float $share, int $freedom, float $t): void
    {
        self::assertEqualsWithDelta($t, StudentT::quantile($share, $freedom), 0.0005 * $t);
    }

    /** To more places (tables of the t distribution). */
    #[TestWith([0.975, 10, 2.228138852])]
    #[TestWith([0.975, 20, 2.085963447])]
    #[TestWith([0.975, 60, 2.000297822])]
    #[TestWith([0.9, 10, 1.372183641])]
    #[TestWith([0.9, 30, 1.310415025])]
    #[TestWith([0.995, 30, 2.749995654])]
    public function test_to_more_places(float $share, int $freedom, float $t): void
    {
        self::assertEqualsWithDelta($t, StudentT::quantile($share, $freedom), 1e-9 * $t);
        self::assertEqualsWithDelta(-$t, StudentT::quantile(1 - $share, $freedom), 1e-9 * $t);
    }

    /** Exact: tan 67.5° for one degree, and 0.8/√0.18 for two. */
    public function test_one_and_two_degrees_are_exact(): void
    {
        self::assertEqualsWithDelta(1 + sqrt(2), StudentT::quantile(0.875, 1), 1e-12);
        self::assertEqualsWithDelta(0.8 / sqrt(0.18), StudentT::quantile(0.9, 2), 1e-12);
    }

    /** The share below it, by adding up the density in a thousand strips (Simpson), is the share that was asked for. */
    #[TestWith([0.975, 1.3])]
    #[TestWith([0.975, 3.7])]
    #[TestWith([0.75, 2.5])]
    #[TestWith([0.9, 48.2])]
    public function test_degrees_that_are_not_whole(float $share, float $freedom): void
    {
        $density = static fn (float $t): float => (1 + $t ** 2 / $freedom) ** (-($freedom + 1) / 2);
        $t = StudentT::quantile($share, $freedom);
        // All of it lies below t = √ν·tan(π/2).
        $angle = atan($t / sqrt($freedom));
        $turned = static fn (float $a): float => $density(sqrt($freedom) * tan($a)) / cos($a) ** 2;
        $inside = self::simpson($turned, 0.0, $angle);
        $whole = self::simpson($turned, 0.0, M_PI / 2 - 1e-7);
        self::assertEqualsWithDelta($share, 0.5 + $inside / $whole / 2, 2e-4);
        self::assertEqualsWithDelta($share, StudentT::below($t, $freedom), 1e-12);
    }

    /** More degrees of freedom never make it larger, and infinitely many are the normal's 1.96. */
    public function test_it_falls_to_the_normal_one(): void
    {
        $before = INF;
        foreach ([1, 1.01, 1.5, 1.99, 2, 2.01, 3, 7.5, 30, 1e3, 1e6, 1e8, 1e10, INF] as $freedom) {
            $t = StudentT::quantile(0.975, $freedom);
            self::assertLessThanOrEqual($before, $t);
            $before = $t;
        }
        self::assertEqualsWithDelta(1.959963985, $before, 1e-9);
    }

    /** @param  \Closure(float): float  $of */
    private static function simpson(\Closure $of, float $from, float $to): float
    {
        $step = ($to - $from) / 2000;
        $sum = 0.0;
        for ($strip = 0; $strip < 1000; $strip++) {
            $at = $from + 2 * $strip * $step;
            $sum += ($of($at) + 4 * $of($at + $step) + $of($at + 2 * $step)) * $step / 3;
        }

        return $sum;
    }
}
