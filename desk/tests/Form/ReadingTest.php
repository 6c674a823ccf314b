<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Measure;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Form\Reading;
use PHPUnit\Framework\TestCase;

final class ReadingTest extends TestCase
{
    private static function read(string $typed): Reading
    {
        return Reading::length($typed, new LengthFormatter(LengthUnit::Millimetre));
    }

    public function test_it_shows_what_it_understood(): void
    {
        self::assertSame('9.525 mm · 3/8 in', self::read('3/8 in')->understood);
        self::assertSame('0.305 mm · 12.0 thou', self::read('12 thou')->understood);
    }

    public function test_an_empty_field_is_neither_understood_nor_wrong(): void
    {
        self::assertNull(self::read(' ')->value);
        self::assertNull(self::read(' ')->error);
    }

    public function test_a_figure_typed_twice_by_a_bouncing_key_is_asked_about(): void
    {
        $reading = self::read('0.320.32');
        self::assertSame(['Typed twice? Perhaps 0.32 was meant.', '0.32'], [$reading->error, $reading->instead]);
    }

    public function test_25_times_too_large_asks_for_the_unit(): void
    {
        $reading = self::read('8.1')->beside(0.32, new LengthFormatter(LengthUnit::Millimetre));
        self::assertSame('0.319', $reading->instead);
        self::assertSame(8.1, $reading->value, 'a doubt stops nothing');
    }

    public function test_25_times_too_small_asks_too(): void
    {
        self::assertNotNull(self::read('0.0126')->beside(0.32, new LengthFormatter(LengthUnit::Millimetre))->doubt);
    }

    public function test_twice_as_large_is_only_a_worse_square(): void
    {
        self::assertNull(self::read('0.64')->beside(0.32, new LengthFormatter(LengthUnit::Millimetre))->doubt);
    }

    public function test_outside_the_possible_is_an_error_in_words(): void
    {
        $reading = self::read('4')->within(0, 3, 'No line is that wide.');
        self::assertSame([null, 'No line is that wide.'], [$reading->value, $reading->error]);
    }
}
