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
        self::assertEqualsWithDelta($t, StudentT::quantile($share, $freedom), 0.004 * $t);
    }

    /** To more places (tables of the t distribution; the series is exact to a few parts in a million from ten on). */
    #[TestWith([0.975, 10, 2.228138852])]
    #[TestWith([0.975, 20, 2.085963447])]
    #[TestWith([0.975, 60, 2.000297822])]
    #[TestWith([0.9, 10, 1.372183641])]
    #[TestWith([0.9, 30, 1.310415025])]
    #[TestWith([0.995, 30, 2.749995654])]
    public function test_the_series_is_as_good_as_it_should_be(float $share, int $freedom, float $t): void
    {
        self::assertEqualsWithDelta($t, StudentT::quantile($share, $freedom), 2e-5 * $t);
        self::assertEqualsWithDelta(-$t, StudentT::quantile(1 - $share, $freedom), 2e-5 * $t);
    }

    /** Exact: tan 67.5° for one degree, and 0.8/√0.18 for two. */
    public function test_one_and_two_degrees_are_exact(): void
    {
        self::assertEqualsWithDelta(1 + sqrt(2), StudentT::quantile(0.875, 1), 1e-12);
        self::assertEqualsWithDelta(0.8 / sqrt(0.18), StudentT::quantile(0.9, 2), 1e-12);
    }
}
