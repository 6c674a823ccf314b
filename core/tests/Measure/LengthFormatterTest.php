<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Measure;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LengthFormatterTest extends TestCase
{
    #[TestWith([LengthUnit::Millimetre, 22.0, '22 mm'])]
    #[TestWith([LengthUnit::Millimetre, 9.525, '9.5 mm'])]
    #[TestWith([LengthUnit::Inch, 22.225, '7/8 in'])]
    #[TestWith([LengthUnit::Inch, 28.575, '1 1/8 in'])]
    #[TestWith([LengthUnit::Inch, 50.8, '2 in'])]
    #[TestWith([LengthUnit::Inch, 0.1, '0 in'])]
    #[TestWith([LengthUnit::Inch, 0.396875, '1/64 in'])]
    #[TestWith([LengthUnit::Inch, 25.35, '1 in'])]
    public function test_dimensions(LengthUnit $unit, float $mm, string $text): void
    {
        self::assertSame($text, (new LengthFormatter($unit))->dimension($mm));
    }

    #[TestWith([LengthUnit::Millimetre, 0.16, '0.16 mm'])]
    #[TestWith([LengthUnit::Millimetre, 0.005, '0.005 mm'])]
    #[TestWith([LengthUnit::Millimetre, 0.015, '0.015 mm'])]
    #[TestWith([LengthUnit::Millimetre, 0.01, '0.01 mm'])]
    #[TestWith([LengthUnit::Millimetre, 0.0, '0.00 mm'])]
    #[TestWith([LengthUnit::Millimetre, -0.16, '−0.16 mm'])]
    #[TestWith([LengthUnit::Millimetre, -0.0001, '0.000 mm'])]
    #[TestWith([LengthUnit::Inch, 0.16, '6.3 thou'])]
    public function test_small_things(LengthUnit $unit, float $mm, string $text): void
    {
        self::assertSame($text, (new LengthFormatter($unit))->small($mm));
    }
}
