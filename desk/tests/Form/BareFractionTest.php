<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Form;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Form\Quantity;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Among millimetres a bare fraction is how inches are written (common practice, no source): it is asked about. */
final class BareFractionTest extends TestCase
{
    #[TestWith(['3/8', '3/8 mm, or 3/8 in = 9.5 mm?', '3/8 in', 9.525])]
    #[TestWith(['1 3/8', '1 3/8 mm, or 1 3/8 in = 34.9 mm?', '1 3/8 in', 34.925])]
    #[TestWith(['1-1/2', '1-1/2 mm, or 1-1/2 in = 38.1 mm?', '1-1/2 in', 38.1])]
    public function test_it_is_asked_about_and_can_be_meant(
        string $typed,
        string $doubt,
        string $instead,
        float $inches,
    ): void {
        $mm = new LengthFormatter(LengthUnit::Millimetre);
        $read = Quantity::Length->read($typed, $mm);
        self::assertSame([$doubt, $instead], [$read->doubt, $read->instead]);
        self::assertEqualsWithDelta($inches / 25.4, (float) $read->value, 1e-9, 'until it is answered it is as typed');
        $meant = Quantity::Length->read((string) $read->instead, $mm);
        self::assertNull($meant->doubt);
        self::assertEqualsWithDelta($inches, (float) $meant->value, 1e-9);
    }

    #[TestWith(['3/8', LengthUnit::Inch])]
    #[TestWith(['3/8 in', LengthUnit::Millimetre])]
    #[TestWith(['3/8 mm', LengthUnit::Millimetre])]
    #[TestWith(['0.375', LengthUnit::Millimetre])]
    #[TestWith(['9,5', LengthUnit::Millimetre])]
    public function test_what_says_its_unit_is_not_asked_about(string $typed, LengthUnit $unit): void
    {
        self::assertNull(Quantity::Length->read($typed, new LengthFormatter($unit))->doubt);
    }
}
