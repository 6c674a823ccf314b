<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing;

use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\SquareReversal;
use JackRest\Core\Truing\SquareReversalInput;
use JackRest\Core\Truing\SquareStrokes;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SquareExplainedTest extends TestCase
{
    private static function test(float $gap = 0.32): SquareReversalInput
    {
        return new SquareReversalInput(200, [$gap], lineWidthMm: 0.1, shavingMm: 0.04, toleranceMm: 0.1);
    }

    /** The strokes drawn are as many as the advice names, whatever is left over. */
    #[TestWith([0.26, 4])]
    #[TestWith([0.34, 5])]
    #[TestWith([0.02, 1])]
    public function test_strokes_are_as_many_as_the_shavings(float $gap, int $count): void
    {
        $result = (new SquareReversal)(self::test($gap));

        self::assertSame($count, $result->shavings);
        self::assertCount($count, SquareStrokes::for(self::test($gap), $result));
    }

    public function test_a_square_that_is_square_needs_no_stroke(): void
    {
        self::assertSame([], SquareStrokes::for(self::test(0.0), (new SquareReversal)(self::test(0.0))));
    }

    public function test_strokes_at_the_tip_end_at_the_tip(): void
    {
        foreach (SquareStrokes::for(self::test(-0.32), (new SquareReversal)(self::test(-0.32))) as $stroke) {
            self::assertSame(200.0, $stroke->toMm);
        }
    }

    /** Common practice, no source: feelers tell apart less than a caliper, a rule least. */
    public function test_instruments_stand_in_the_order_of_their_resolution(): void
    {
        self::assertGreaterThan(Instrument::Feeler->resolutionMm(), Instrument::Rule->resolutionMm());
        self::assertGreaterThan(Instrument::Caliper->resolutionMm(), Instrument::Feeler->resolutionMm());
    }
}
