<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\SquareReversal;
use JackRest\Core\Truing\SquareReversalInput;
use JackRest\Core\Truing\Verdict;
use JackRest\Core\Truing\WhatWouldTell;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What it promises is tried: with the line or the repeats it names, the test does tell. */
final class WhatWouldTellTest extends TestCase
{
    /** @param  non-empty-list<float>  $gaps */
    private static function test(array $gaps, float $line, float $tolerance = 0.1): SquareReversalInput
    {
        return new SquareReversalInput(200, $gaps, lineWidthMm: $line, resolutionMm: 0.01, shavingMm: 0.04, toleranceMm: $tolerance);
    }

    private static function of(SquareReversalInput $test): WhatWouldTell
    {
        return new WhatWouldTell($test, (new SquareReversal)($test), new LengthFormatter(LengthUnit::Millimetre));
    }

    #[TestWith([0.26])]
    #[TestWith([0.14])]
    #[TestWith([0.25])]
    public function test_the_line_it_names_is_thin_enough(float $gap): void
    {
        $line = self::of(self::test([$gap], 0.15))->lineWidthMm();

        self::assertNotNull($line);
        self::assertSame(Verdict::CannotTell, (new SquareReversal)(self::test([$gap], 0.15))->verdict);
        self::assertNotSame(Verdict::CannotTell, (new SquareReversal)(self::test([$gap], $line))->verdict);
    }

    public function test_the_line_it_names_is_the_widest_that_would_do(): void
    {
        $line = self::of(self::test([0.26], 0.15))->lineWidthMm();
        self::assertSame(Verdict::CannotTell, (new SquareReversal)(self::test([0.26], (float) $line + 0.006))->verdict);
    }

    public function test_where_readings_scatter_a_thinner_line_is_not_offered(): void
    {
        self::assertNull(self::of(self::test([0.22, 0.30], 0.02))->lineWidthMm());
        self::assertGreaterThan(2, self::of(self::test([0.22, 0.30], 0.02))->repeats());
    }

    public function test_nothing_known_asks_for_the_line_or_a_second_reading(): void
    {
        $test = new SquareReversalInput(200, [0.3], shavingMm: 0.04, toleranceMm: 0.1);
        self::assertSame('Say how wide your line is, or read the gap twice: then it can be told.', self::of($test)->sentence());
    }

    public function test_an_error_right_at_the_tolerance_cannot_be_told_by_any_means(): void
    {
        self::assertSame('Too near your tolerance to tell. Test along a longer line, or call it the tolerance.', self::of(self::test([0.2], 0.1))->sentence());
    }
}
