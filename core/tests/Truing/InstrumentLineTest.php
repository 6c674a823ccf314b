<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing;

use DomainException;
use JackRest\Core\Truing\InstrumentLine;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class InstrumentLineTest extends TestCase
{
    public function test_the_documented_line(): void
    {
        $line = InstrumentLine::parse("2026-11-25T13:00:00.250Z dial 450.0 0.12 mm\n");
        self::assertSame(
            ['dial', 450.0, 0.12, '0.12 mm'],
            [$line->instrument, $line->place, $line->value, $line->typed()],
        );
    }

    #[TestWith(['2026-11-25T13:00:00.250Z dial 0.0 -0.10 mm', '-0.1 mm'])]
    #[TestWith(['2026-11-25T13:00:00.250Z caliper 0.0 0.00 mm', '0 mm'])]
    public function test_it_is_typed_as_a_hand_would(string $line, string $typed): void
    {
        self::assertSame($typed, InstrumentLine::parse($line)->typed());
    }

    #[TestWith([''])]
    #[TestWith(['<html>'])]
    #[TestWith(['2026-11-25T13:00:00.250Z dial 450.0 much mm'])]
    public function test_what_is_no_reading_is_refused(string $line): void
    {
        $this->expectException(DomainException::class);
        $this->expectExceptionMessage('is no reading');
        InstrumentLine::parse($line);
    }

    public function test_damp_is_no_gap(): void
    {
        $this->expectExceptionMessage('reads %');
        InstrumentLine::parse('2026-11-25T14:00:00.000Z hygrometer 14.0 61.5 %')->typed();
    }

    public function test_a_gap_is_no_air_and_air_is_typed_to_a_tenth(): void
    {
        $damp = InstrumentLine::parse('2026-11-25T14:00:00.000Z hygrometer 14.0 61.46 %');
        self::assertSame('61.5', $damp->ofAir('%'));
        self::assertSame('-4', InstrumentLine::parse('2026-11-25T14:00:00.000Z thermometer 0 -4.00 °C')->ofAir('°C'));
        $this->expectExceptionMessage('reads %');
        $damp->ofAir('°C');
    }

    public function test_a_reading_keeps_its_thousandths_and_its_zeros_before_the_point(): void
    {
        self::assertSame('0.125 mm', InstrumentLine::parse('2026-11-25T13:00:00.250Z dial 0 0.1250 mm')->typed());
        self::assertSame('120 mm', InstrumentLine::parse('2026-11-25T13:00:00.250Z dial 0 120 mm')->typed());
    }
}
