<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Measure;

use JackRest\Core\Measure\DecimalRounding;
use JackRest\Core\Measure\LengthFormatter;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Against BC Math, which counts in decimals. */
final class DecimalRoundingTest extends TestCase
{
    #[TestWith([37.949999999999996, 1, 38.0])]
    #[TestWith([0.285, 2, 0.29])]
    #[TestWith([1.955, 2, 1.96])]
    #[TestWith([5.055, 2, 5.06])]
    #[TestWith([-2.5, 0, -3.0])]
    #[TestWith([0.1 + 0.7, 1, 0.8])]
    #[TestWith([1e20, 1, 1e20])]
    public function test_halves_go_away_from_nought(float $number, int $places, float $rounded): void
    {
        self::assertSame($rounded, DecimalRounding::to($number, $places));
    }

    public function test_what_is_no_number_stays_what_it_is(): void
    {
        self::assertSame(INF, DecimalRounding::to(INF, 2));
        self::assertNan(DecimalRounding::to(NAN, 2));
    }

    /** Every half, and what the last bit of a float makes of it on either side, reads as the half does. */
    public function test_generated_halves_against_decimals(): void
    {
        $dice = new Randomizer(new Mt19937(38));
        for ($trial = 0; $trial < 3000; $trial++) {
            $places = $dice->getInt(0, 4);
            $half = bcadd((string) $dice->getInt(0, 90_000), '0.5', 1);
            $up = bcdiv(bcadd($half, '0.5', 0), bcpow('10', (string) $places), $places);
            $number = (float) bcdiv($half, bcpow('10', (string) $places), $places + 1);
            foreach ([$number, $number * (1 - PHP_FLOAT_EPSILON), $number * (1 + PHP_FLOAT_EPSILON)] as $near) {
                self::assertSame($up, LengthFormatter::fixed($near, $places), "$half, $places places");
            }
        }
    }
}
