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

    #[TestWith([LengthUnit::Millimetre, 200.0, '200'])]
    #[TestWith([LengthUnit::Millimetre, 0.32, '0.32'])]
    #[TestWith([LengthUnit::Millimetre, -0.0625, '-0.063'])]
    #[TestWith([LengthUnit::Inch, 200.025, '7 7/8'])]
    #[TestWith([LengthUnit::Inch, -200.025, '-7 7/8'])]
    #[TestWith([LengthUnit::Inch, 0.32004, '12.6 thou'])]
    #[TestWith([LengthUnit::Inch, 2.5, '98.43 thou'])]
    #[TestWith([LengthUnit::Inch, 2.6, '0.1024'])]
    #[TestWith([LengthUnit::Inch, 100.0, '3.937'])]
    #[TestWith([LengthUnit::Inch, 0.3970, '1/64'])]
    #[TestWith([LengthUnit::Inch, 0.4000, '15.75 thou'])]
    public function test_a_length_as_it_would_be_typed(LengthUnit $unit, float $mm, string $text): void
    {
        self::assertSame($text, (new LengthFormatter($unit))->typed($mm));
    }

    /** A figure typed without a unit keeps the one it was meant in; words and figures with one stay as they are. */
    #[TestWith(['200', '200 mm', '200 in'])]
    #[TestWith([' -0,5 ', '-0,5 mm', '-0,5 in'])]
    #[TestWith(['7 7/8', '7 7/8 mm', '7 7/8 in'])]
    #[TestWith(['12 thou', '12 thou', '12 thou'])]
    #[TestWith(['', '', ''])]
    public function test_a_bare_figure_keeps_its_unit(string $typed, string $mm, string $inch): void
    {
        self::assertSame([$mm, $inch], [LengthUnit::Millimetre->behind($typed), LengthUnit::Inch->behind($typed)]);
        self::assertSame(LengthUnit::Inch, LengthUnit::Millimetre->other());
        self::assertSame(LengthUnit::Millimetre, LengthUnit::Inch->other());
        self::assertSame([1.0, 25.4], [LengthUnit::Millimetre->mm(), LengthUnit::Inch->mm()]);
    }

    #[TestWith([LengthUnit::Millimetre, 0.0199, '0.020 mm'])]
    #[TestWith([LengthUnit::Millimetre, 0.02, '0.02 mm'])]
    #[TestWith([LengthUnit::Millimetre, 0.025, '0.03 mm'])]
    #[TestWith([LengthUnit::Millimetre, -0.015, '−0.015 mm'])]
    public function test_thousandths_only_below_two_hundredths(LengthUnit $unit, float $mm, string $text): void
    {
        self::assertSame($text, (new LengthFormatter($unit))->small($mm));
    }

    #[TestWith([-22.225, '−7/8 in'])]
    #[TestWith([-0.1, '0 in'])]
    #[TestWith([19.05, '3/4 in'])]
    #[TestWith([12.7, '1/2 in'])]
    #[TestWith([101.6, '4 in'])]
    public function test_fractions_in_lowest_terms(float $mm, string $text): void
    {
        self::assertSame($text, (new LengthFormatter(LengthUnit::Inch))->dimension($mm));
    }
}
