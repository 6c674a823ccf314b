<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing;

use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\KnownSquare;
use JackRest\Core\Truing\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A square against one whose error is known; by plane geometry. */
final class KnownSquareTest extends TestCase
{
    /** By hand: the known one errs by 0.2 over 200; over the shorter 100 it brings 0.1, and the gap is 0.25. */
    public function test_a_shorter_square_beside_a_longer_one(): void
    {
        $known = new KnownSquare('reference', 200.0, 0.2, 0.0);
        self::assertEqualsWithDelta(0.15, $known->errorOfMm(0.25, 100.0), 1e-12);
    }

    /** By hand: over the 200 mm that both have, 0.25 less 0.2 leaves 0.05, and 0.1 over the whole 400. */
    public function test_a_longer_square_beside_a_shorter_one(): void
    {
        $known = new KnownSquare('reference', 200.0, 0.2, 0.0);
        self::assertEqualsWithDelta(0.1, $known->errorOfMm(0.25, 400.0), 1e-12);
    }

    /** Two squares laid together, each leaning as it leans: the gap at the tip is the sum over the common length. */
    #[TestWith([150.0, 0.12, 300.0, -0.2])]
    #[TestWith([300.0, -0.05, 100.0, 0.07])]
    #[TestWith([250.0, 0.0, 250.0, 0.3])]
    public function test_the_error_comes_back(float $knownMm, float $knows, float $mm, float $errs): void
    {
        $common = min($knownMm, $mm);
        $gap = ($knows * $common) / $knownMm + ($errs * $common) / $mm;
        self::assertEqualsWithDelta(
            $errs,
            (new KnownSquare('known', $knownMm, $knows, 0.0))->errorOfMm($gap, $mm),
            1e-12,
        );
    }

    /** By hand: √(1.96²·0.06²/12 + (0.04·100/200)²) = 0.0394 for 100 mm; for 400 mm twice √(0.034² + 0.04²). */
    public function test_the_doubt_of_both_comes_along(): void
    {
        $known = new KnownSquare('known', 200.0, 0.1, 0.04);
        self::assertEqualsWithDelta(0.0394, $known->uncertaintyOfMm(0.06, 100.0), 1e-5);
        self::assertEqualsWithDelta(2 * sqrt(0.033948 ** 2 + 0.0016), $known->uncertaintyOfMm(0.06, 400.0), 1e-5);
    }

    public function test_a_verdict_needs_the_doubt_to_be_on_one_side(): void
    {
        self::assertSame(Verdict::Within, Verdict::of(0.06, 0.04, 0.1));
        self::assertSame(Verdict::Within, Verdict::of(-0.06, 0.04, 0.1));
        self::assertNotSame(Verdict::Within, Verdict::of(0.07, 0.04, 0.1));
        self::assertNotSame(Verdict::Within, Verdict::of(-0.07, 0.04, 0.1));
        self::assertNotSame(Verdict::Within, Verdict::of(-0.5, 0.04, 0.1));
        self::assertSame(Verdict::of(0.5, 0.04, 0.1), Verdict::of(-0.5, 0.04, 0.1));
        self::assertSame(Verdict::of(0.1, 0.04, 0.1), Verdict::of(-0.1, 0.04, 0.1));
    }

    public function test_a_sheet_of_paper_is_as_thick_as_it_was_measured(): void
    {
        self::assertSame(0.1, Instrument::Paper->resolutionMm());
        self::assertSame(0.08, Instrument::Paper->resolutionMm(0.08));
        self::assertSame(0.01, Instrument::Dial->resolutionMm(0.08));
    }
}
