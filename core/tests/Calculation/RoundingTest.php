<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Calculation;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Calculation\Rounding;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RoundingTest extends TestCase
{
    #[TestWith([3.0, 3])]
    #[TestWith([3.0000000005, 3])]
    #[TestWith([3.00000001, 4])]
    #[TestWith([0.0, 0])]
    public function test_up(float $quotient, int $whole): void
    {
        self::assertSame($whole, Rounding::up($quotient));
    }

    #[TestWith([3.0, 3])]
    #[TestWith([2.9999999995, 3])]
    #[TestWith([2.99999998, 2])]
    #[TestWith([-0.2, -1])]
    public function test_down(float $quotient, int $whole): void
    {
        self::assertSame($whole, Rounding::down($quotient));
    }

    #[TestWith([2.5, 3])]
    #[TestWith([2.4999999999, 3])]
    #[TestWith([2.49, 2])]
    public function test_nearest_with_a_half_upward(float $quotient, int $whole): void
    {
        self::assertSame($whole, Rounding::nearest($quotient));
    }

    public function test_more_than_can_be_counted_is_refused(): void
    {
        $this->expectException(InvalidInput::class);
        Rounding::up(1e300);
    }
}
