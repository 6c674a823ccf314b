<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Measure;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Form\Reading;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class QuantityTest extends TestCase
{
    private static function figure(string $typed, Quantity $quantity): Reading
    {
        return $quantity->read($typed, new LengthFormatter(LengthUnit::Millimetre));
    }

    /** Points per inch count both ends of the inch: one more than teeth. */
    #[TestWith(['15', 15.0])]
    #[TestWith(['15 tpi', 15.0])]
    #[TestWith(['16 ppi', 15.0])]
    #[TestWith(['9 points per inch', 8.0])]
    #[TestWith(['8,5 teeth', 8.5])]
    public function test_teeth_and_points(string $typed, float $teeth): void
    {
        self::assertSame($teeth, self::figure($typed, Quantity::TeethPerInch)->value);
    }

    public function test_both_are_said_back(): void
    {
        self::assertSame('15 teeth, 16 points per inch', self::figure('16 ppi', Quantity::TeethPerInch)->understood);
    }

    /** 1:7 is 8.130° (the contract's own value). */
    #[TestWith(['12', 12.0])]
    #[TestWith(['12.5°', 12.5])]
    #[TestWith(['1:7', 8.130])]
    public function test_angles_and_slopes(string $typed, float $deg): void
    {
        self::assertEqualsWithDelta($deg, self::figure($typed, Quantity::Degrees)->value, 0.0005);
    }

    #[TestWith(['yes', 1.0, Quantity::YesNo])]
    #[TestWith(['No', 0.0, Quantity::YesNo])]
    #[TestWith(['rip', 1.0, Quantity::Teeth])]
    #[TestWith(['across', 2.0, Quantity::Teeth])]
    #[TestWith(['both', 3.0, Quantity::Teeth])]
    #[TestWith(['5', 5.0, Quantity::Count])]
    #[TestWith(['3/8in', 9.525, Quantity::Length])]
    #[TestWith(['12 thou', 0.3048, Quantity::Thickness])]
    public function test_words_counts_and_lengths(string $typed, float $value, Quantity $unit): void
    {
        self::assertEqualsWithDelta($value, self::figure($typed, $unit)->value, 1e-9);
    }

    #[TestWith(['many', Quantity::TeethPerInch, 'Type teeth per inch, such as 15, or points: 16 ppi.'])]
    #[TestWith(['steep', Quantity::Degrees, 'Type degrees, such as 12, or a slope: 1:7.'])]
    #[TestWith(['1:0', Quantity::Degrees, 'Type degrees, such as 12, or a slope: 1:7.'])]
    #[TestWith(['perhaps', Quantity::YesNo, 'Type yes or no.'])]
    #[TestWith(['blunt', Quantity::Teeth, 'Type rip, cross or both.'])]
    #[TestWith(['2.5', Quantity::Count, 'Type a whole number, such as 5.'])]
    public function test_what_cannot_be_read_says_what_could(string $typed, Quantity $unit, string $error): void
    {
        $figure = self::figure($typed, $unit);
        self::assertSame([null, $error, $typed], [$figure->value, $figure->error, $figure->typed]);
    }

    public function test_an_empty_field_is_no_error(): void
    {
        foreach (Quantity::cases() as $unit) {
            self::assertSame([null, null], [self::figure(' ', $unit)->value, self::figure(' ', $unit)->error]);
        }
    }

    public function test_out_of_range_is_refused_and_kept_as_typed(): void
    {
        $figure = self::figure('80', Quantity::TeethPerInch)->within(3, 32, 'Between 3 and 32.');
        self::assertSame([null, 'Between 3 and 32.', '80'], [$figure->value, $figure->error, $figure->typed]);
    }
}
