<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Form;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Form\SpokenNumber;
use NumberFormatter;
use PHPUnit\Framework\Attributes\RequiresPhpExtension;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a phone writes when a figure is said to it. */
final class SpokenNumberTest extends TestCase
{
    #[TestWith(['twelve point five millimetres', '12.5 millimetres'])]
    #[TestWith(['Twelve point five', '12.5'])]
    #[TestWith(['12 point 5', '12.5'])]
    #[TestWith(['minus nought point one', '-0.1'])]
    #[TestWith(['point three two', '0.32'])]
    #[TestWith(['zero point thirty two', '0.32'])]
    #[TestWith(['one and three eighths of an inch', '1 3/8 inch'])]
    #[TestWith(['thirteen thirty-seconds', '13/32'])]
    #[TestWith(['thirty-one sixty-fourths', '31/64'])]
    #[TestWith(['half a millimetre', '1/2 millimetre'])]
    #[TestWith(['a hundred and five and a half', '105 1/2'])]
    #[TestWith(['3 and 1/2', '3 1/2'])]
    #[TestWith(['five thou', '5 thou'])]
    #[TestWith(['two sheets', '2 sheets'])]
    #[TestWith(['forty-five degrees', '45 degrees'])]
    public function test_it_is_written_in_figures(string $said, string $written): void
    {
        self::assertSame($written, SpokenNumber::written($said));
    }

    #[TestWith(['9.5'])]
    #[TestWith(['1-1/8in'])]
    #[TestWith(['0.5 mm / 10'])]
    #[TestWith(['sheet and brandy'])]
    #[TestWith(['about right'])]
    #[TestWith([''])]
    public function test_what_has_no_number_in_words_stays(string $typed): void
    {
        self::assertSame($typed, SpokenNumber::written($typed));
    }

    /** Two numbers behind each other are none: what was meant is asked, not guessed. */
    #[TestWith(['two five'])]
    #[TestWith(['five twenty'])]
    #[TestWith(['twelve three'])]
    #[TestWith(['twenty twelve'])]
    #[TestWith(['five hundred hundred'])]
    public function test_what_is_no_number_is_not_read(string $said): void
    {
        $reading = Quantity::Length->read($said, new LengthFormatter(LengthUnit::Millimetre));
        self::assertNotNull($reading->error, $said);
    }

    /** Against the spelling-out of the ICU library (Unicode CLDR, English): every number below ten thousand. */
    #[RequiresPhpExtension('intl')]
    public function test_numbers_as_another_library_spells_them(): void
    {
        $spelt = new NumberFormatter('en_GB', NumberFormatter::SPELLOUT);
        for ($number = 1; $number < 10_000; $number += $number < 1000 ? 1 : 7) {
            $said = (string) $spelt->format($number);
            self::assertSame((string) $number, SpokenNumber::written($said), $said);
            $withAnd = (string) preg_replace('/hundred (?=\w)/', 'hundred and ', $said);
            self::assertSame((string) $number, SpokenNumber::written($withAnd), $withAnd);
        }
        mt_srand(5);
        for ($time = 0; $time < 500; $time++) {
            $number = (float) (mt_rand(0, 9999) / 100);
            $said = (string) $spelt->format($number);
            $written = SpokenNumber::written($said);
            self::assertSame($number, (float) $written, "$said: $written");
        }
    }

    public function test_every_field_takes_it_and_keeps_what_was_said(): void
    {
        $format = new LengthFormatter(LengthUnit::Inch);
        $read = static fn (Quantity $quantity, string $said): array => [
            $quantity->read($said, $format)->value,
            $quantity->read($said, $format)->typed,
        ];
        self::assertSame([34.925, 'one and three eighths'], $read(Quantity::Length, 'one and three eighths'));
        self::assertSame([25.0, 'twenty-five degrees'], $read(Quantity::Degrees, 'twenty-five degrees'));
        self::assertSame([12.5, 'twelve point five'], $read(Quantity::Money, 'twelve point five'));
        self::assertSame([14.0, 'fourteen'], $read(Quantity::TeethPerInch, 'fourteen'));
        self::assertSame([65.0, 'sixty-five'], $read(Quantity::Percent, 'sixty-five'));
    }
}
