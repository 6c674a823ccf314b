<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Reference\Square;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\SquareReversal;
use JackRest\Core\Truing\SquareReversalInput;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Reference\Square\WhatWouldTell;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What it promises is tried: with the line or the repeats it names, the test does tell. */
final class WhatWouldTellTest extends TestCase
{
    /** @param  non-empty-list<float>  $gaps */
    private static function test(array $gaps, float $line, float $tolerance = 0.1): SquareReversalInput
    {
        return new SquareReversalInput(
            200,
            $gaps,
            lineWidthMm: $line,
            resolutionMm: 0.01,
            shavingMm: 0.04,
            toleranceMm: $tolerance,
        );
    }

    private static function of(SquareReversalInput $test): WhatWouldTell
    {
        return new WhatWouldTell($test, (new SquareReversal())($test), new LengthFormatter(LengthUnit::Millimetre));
    }

    #[TestWith([0.26])]
    #[TestWith([0.14])]
    #[TestWith([0.25])]
    public function test_the_line_it_names_is_thin_enough(float $gap): void
    {
        $line = self::of(self::test([$gap], 0.15))->lineWidthMm();

        self::assertNotNull($line);
        self::assertSame(Verdict::CannotTell, (new SquareReversal())(self::test([$gap], 0.15))->verdict);
        self::assertNotSame(Verdict::CannotTell, (new SquareReversal())(self::test([$gap], $line))->verdict);
    }

    public function test_the_line_it_names_is_the_widest_that_would_do(): void
    {
        $line = self::of(self::test([0.26], 0.15))->lineWidthMm();
        self::assertSame(
            Verdict::CannotTell,
            (new SquareReversal())(self::test([0.26], (float) $line + 0.006))->verdict,
        );
    }

    public function test_where_readings_scatter_a_thinner_line_is_not_offered(): void
    {
        self::assertNull(self::of(self::test([0.22, 0.3], 0.02))->lineWidthMm());
        self::assertGreaterThan(2, self::of(self::test([0.22, 0.3], 0.02))->repeats());
    }

    public function test_nothing_known_asks_for_the_line_or_a_second_reading(): void
    {
        $test = new SquareReversalInput(200, [0.3], shavingMm: 0.04, toleranceMm: 0.1);
        self::assertSame(
            'Say how wide your line is, or read the gap twice: then it can be told.',
            self::of($test)->sentence(),
        );
    }

    /**
     * Along 100 mm of a 300 mm blade a pencil cannot tell; along the line it names, with error and tolerance grown as
     * the
     * line has, it can, and along 10 mm less it could not.
     */
    #[TestWith([0.3, 300.0])]
    #[TestWith([0.15, 300.0])]
    public function test_the_longer_line_it_names_is_long_enough(float $gap, float $blade): void
    {
        $test = static fn (float $length): SquareReversalInput => new SquareReversalInput(
            $length,
            [($gap * $length) / 100],
            lineWidthMm: 0.02,
            resolutionMm: 0.25,
            shavingMm: 0.04,
            toleranceMm: (0.1 * $length) / 100,
        );
        $would = new WhatWouldTell(
            $test(100),
            (new SquareReversal())($test(100)),
            new LengthFormatter(LengthUnit::Millimetre),
            $blade,
        );
        $longer = (float) $would->longerMm();
        self::assertSame(Verdict::CannotTell, (new SquareReversal())($test(100))->verdict);
        self::assertGreaterThan(100, $longer);
        self::assertNotSame(Verdict::CannotTell, (new SquareReversal())($test($longer))->verdict);
        self::assertSame(Verdict::CannotTell, (new SquareReversal())($test($longer - 10))->verdict);
        self::assertStringContainsString('of the blade, where your tolerance is', $would->sentence());
        self::assertNull(
            (new WhatWouldTell(
                $test(100),
                (new SquareReversal())($test(100)),
                new LengthFormatter(LengthUnit::Millimetre),
                110.0,
            ))->longerMm(),
        );
    }

    public function test_an_error_right_at_the_tolerance_cannot_be_told_by_any_means(): void
    {
        self::assertSame(
            'Too near your tolerance to tell. Read it with something finer, or allow a little more.',
            self::of(self::test([0.2], 0.1))->sentence(),
        );
    }
}
