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
}
