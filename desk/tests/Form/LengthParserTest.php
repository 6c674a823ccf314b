<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Measure;

use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Form\LengthParser;
use JackRest\Desk\Form\UnreadableLength;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class LengthParserTest extends TestCase
{
    /** A pack of shavings or of paper, divided by its number; a bare fraction stays a fraction. */
    #[TestWith(['0.5 mm / 10', 0.05])]
    #[TestWith(['0,52/10', 0.052])]
    #[TestWith(['1/10', 0.1])]
    #[TestWith(['1 1/8', 1.125])]
    #[TestWith(['20 thou / 10', 0.0508])]
    #[TestWith(['1 sheet', 0.12])]
    #[TestWith(['2 sheets', 0.24])]
    #[TestWith(['1/2 sheet', 0.06])]
    public function test_a_pack_and_the_users_own_paper(string $typed, float $mm): void
    {
        self::assertEqualsWithDelta($mm, LengthParser::parse($typed, LengthUnit::Millimetre, 0.12)->mm, 1e-12);
    }

    public function test_paper_must_be_measured_first(): void
    {
        $this->expectException(UnreadableLength::class);
        $this->expectExceptionMessage('Measure ten sheets in a pack');
        LengthParser::parse('2 sheets', LengthUnit::Millimetre);
    }

    /** @return iterable<string, array{string, float}> typed in inches, mm */
    public static function inches(): iterable
    {
        yield 'fraction' => ['3/8', 9.525];
        yield 'mixed with a space' => ['1 1/8', 28.575];
        yield 'mixed with a hyphen' => ['1-1/8', 28.575];
        yield 'mixed with its unit' => ['1 1/8in', 28.575];
        yield 'decimal point' => ['1.125', 28.575];
        yield 'decimal comma' => ['1,125', 28.575];
        yield 'single-sign fraction' => ['1⅛"', 28.575];
        yield 'fraction alone' => ['½', 12.7];
        yield 'sixty-fourths' => ['63/64', 25.003125];
        yield 'over one' => ['9/8', 28.575];
        yield 'feet' => ['2 ft', 609.6];
        yield 'millimetres all the same' => ['0.3mm', 0.3];
        yield 'thou' => ['12 thou', 0.3048];
        yield 'minus' => ['-1/2', -12.7];
        yield 'real minus sign' => ['−0.5', -12.7];
        yield 'as it stands on the screen' => ["1\u{2009}5⁄8 in", 41.275];
        yield 'point first' => ['.5', 12.7];
        yield 'point last, half typed' => ['5.', 127.0];
    }

    /** One inch is exactly 25.4 mm (international inch, 1959). */
    #[DataProvider('inches')]
    public function test_typed_in_inches(string $typed, float $mm): void
    {
        self::assertEqualsWithDelta($mm, LengthParser::parse($typed, LengthUnit::Inch)->mm, 1e-9);
    }

    /** Each against GNU units. */
    #[TestWith(['3/8 in', '(3/8) inch'])]
    #[TestWith(['12 thou', '12 mil'])]
    #[TestWith(['2 ft', '2 ft'])]
    #[TestWith(['7.5 cm', '7.5 cm'])]
    #[TestWith(['250 µm', '250 micron'])]
    public function test_agrees_with_gnu_units(string $typed, string $asked): void
    {
        $mm = (float) shell_exec('units -t '.escapeshellarg($asked).' mm');
        self::assertEqualsWithDelta($mm, LengthParser::parse($typed, LengthUnit::Millimetre)->mm, 1e-6 * $mm);
    }

    public function test_a_bare_number_is_in_the_chosen_unit(): void
    {
        self::assertSame(9.5, LengthParser::parse('9.5', LengthUnit::Millimetre)->mm);
        self::assertEqualsWithDelta(241.3, LengthParser::parse('9.5', LengthUnit::Inch)->mm, 1e-9);
    }

    /** @return iterable<string, array{string, string}> typed, part of the sentence */
    public static function unreadable(): iterable
    {
        yield 'nought under the line' => ['1/0', 'divides by zero'];
        yield 'two strokes' => ['3//8', 'is not a length'];
        yield 'a word' => ['about five', 'is not a length'];
        yield 'nothing' => ['  ', 'Type a length'];
        yield 'a unit nobody knows' => ['5 cubits', '“cubits” is no unit known here'];
        yield 'whole number and a fraction over one' => ['1 9/8', 'Write 1 1/8 or 9/8'];
        yield 'two points' => ['1.2.3', 'is not a length'];
        yield 'an exponent' => ['1e5', 'is no unit known here'];
        yield 'longer than any bench' => ['200 m', 'longer than any bench'];
        yield 'a minus in the middle' => ['3 - 4', 'is not a length'];
    }

    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_gets_a_sentence(string $typed, string $part): void
    {
        $this->expectException(UnreadableLength::class);
        $this->expectExceptionMessage($part);
        LengthParser::parse($typed, LengthUnit::Millimetre);
    }
}
