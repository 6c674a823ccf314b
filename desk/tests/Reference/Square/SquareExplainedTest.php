<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Reference\Square;

use JackRest\Core\Basis;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\SquareReversal;
use JackRest\Core\Truing\SquareReversalInput;
use JackRest\Desk\Explanation;
use JackRest\Desk\Reference\Square\SquareExplained;
use PHPUnit\Framework\TestCase;

/** As it is typed and said. */
final class SquareExplainedTest extends TestCase
{
    private static function test(float $gap = 0.32): SquareReversalInput
    {
        return new SquareReversalInput(200, [$gap], lineWidthMm: 0.1, shavingMm: 0.04, toleranceMm: 0.1);
    }

    public function test_each_number_is_asked_with_the_users_own(): void
    {
        $how = SquareExplained::of(
            self::test(),
            (new SquareReversal())(self::test()),
            new LengthFormatter(LengthUnit::Millimetre),
        );

        self::assertSame(
            ['How far is it out?', 'How sure is that?', 'Why so many shavings?'],
            array_map(static fn (Explanation $row): string => $row->asks, $how),
        );
        self::assertSame('(0.32 mm − 0.00 mm) ÷ 2 = 0.16 mm', $how[0]->numbers);
        self::assertSame('0.16 mm ÷ 0.04 mm → 4', $how[2]->numbers);
        self::assertSame(Basis::Published, $how[1]->basis);
    }

    public function test_without_a_shaving_there_is_no_count_to_explain(): void
    {
        $test = new SquareReversalInput(200, [0.32], lineWidthMm: 0.1);
        self::assertCount(
            2,
            SquareExplained::of($test, (new SquareReversal())($test), new LengthFormatter(LengthUnit::Inch)),
        );
    }
}
