<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Filing;

use JackRest\Core\Filing\AugerSet;
use JackRest\Core\Filing\AugerVerdict;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Filing\AugerBitForm;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A set in sixteenths, and one bit of it in the hand. */
final class AugerSetTest extends TestCase
{
    /** @param  array<string, string>  $typed */
    private static function bit(array $typed, bool $isSharp = false): AugerBitForm
    {
        return AugerBitForm::of(12.7, $typed, $isSharp, new LengthFormatter(LengthUnit::Millimetre));
    }

    /** From a quarter to three quarters of an inch: nine bits, 4/16 to 12/16. */
    public function test_a_set_by_sixteenths(): void
    {
        $sizes = AugerSet::sizes(6.35, 19.05);
        self::assertCount(9, $sizes);
        self::assertEqualsWithDelta([6.35, 7.9375, 19.05], [$sizes[0], $sizes[1], $sizes[8]], 1e-9);
        self::assertEqualsWithDelta([6.35], AugerSet::sizes(6, 6), 1e-9);
    }

    /**
     * A 12 mm hole is bored with the half-inch bit, 0.7 mm larger; an 11 mm hole is 0.9 mm off the nearest of these.
     */
    public function test_holes_that_no_bit_bores(): void
    {
        $format = new LengthFormatter(LengthUnit::Millimetre);
        $holes = [
            ['diameterMm' => 12.0, 'work' => 'stand'],
            ['diameterMm' => 10.2, 'work' => 'jig'],
            ['diameterMm' => 10.2, 'work' => 'jig'],
        ];
        self::assertSame(
            ['No bit for the 10.2 mm holes of the jig.'],
            AugerBitForm::gaps(AugerSet::gaps([9.0, 12.7], $holes), $format),
        );
    }

    public function test_it_asks_for_what_is_missing(): void
    {
        self::assertStringStartsWith(
            'Measure across the spurs of the 12.7 mm bit',
            self::bit(['spurs' => '12.8'])->next()->says,
        );
        self::assertFalse(self::bit([])->isSound());
        self::assertSame(
            'In how many turns?',
            self::bit(['spurs' => '12.8', 'twist' => '12.6', 'hole' => '30'])->form->readings['turns']->doubt,
        );
    }

    /**
     * @param  array<string, string>  $typed
     * @param  non-empty-string  $says
     */
    #[
        TestWith([
            ['spurs' => '12.8', 'twist' => '12.6'],
            false,
            AugerVerdict::File,
            'File it: 3 strokes inside each spur',
        ]),
    ]
    #[TestWith([['spurs' => '12.8', 'twist' => '12.6'], true, AugerVerdict::Keep, 'Keep the 12.7 mm bit'])]
    #[TestWith([['spurs' => '12.4', 'twist' => '12.6'], false, AugerVerdict::SetAside, 'Set the 12.7 mm bit aside.'])]
    public function test_what_becomes_of_it(array $typed, bool $isSharp, AugerVerdict $verdict, string $says): void
    {
        $bit = self::bit($typed, $isSharp);
        self::assertSame($verdict, $bit->check?->verdict);
        self::assertStringStartsWith($says, $bit->next()->says);
    }

    public function test_readings_are_doubted_beside_their_field(): void
    {
        self::assertStringContainsString(
            'filed on the outside',
            (string) self::bit(['spurs' => '12.4', 'twist' => '12.6'])->form->readings['spurs']->doubt,
        );
        self::assertSame(
            'Far from 12.7 mm: is it this bit?',
            self::bit(['spurs' => '9'])->form->readings['spurs']->doubt,
        );
        self::assertNotNull(self::bit(['spurs' => '0'])->form->readings['spurs']->error);
    }

    /** Thirty millimetres in nineteen turns: 1.58 a turn; 2.4 mm spurs reach 0.82 deeper, eight filings. */
    public function test_what_was_found_in_words(): void
    {
        self::assertSame(
            [
                'The spurs clear the twist by 0.20 mm.',
                'A turn goes in 1.58 mm, by your test hole.',
                'The spurs reach 0.82 mm deeper than that: about 8 filings are left.',
            ],
            self::bit([
                'spurs' => '12.8',
                'twist' => '12.6',
                'height' => '2.4',
                'hole' => '30',
                'turns' => '19',
            ])->lines(),
        );
    }
}
