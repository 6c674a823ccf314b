<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Reference;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\History\DueReason;
use JackRest\Core\Truing\History\History;
use JackRest\Core\Truing\History\Tested;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Reference\HistoryWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class HistoryWordsTest extends TestCase
{
    #[TestWith([DueReason::NeverTested, 'It has never been tested.'])]
    #[TestWith([DueReason::Fell, 'It has not been tested since it fell.'])]
    #[TestWith([DueReason::Outside, 'The last test found it outside your tolerance.'])]
    #[TestWith([DueReason::CannotTell, 'The last test could not tell.'])]
    #[TestWith([DueReason::Drift, 'By its drift it may have left your tolerance.'])]
    #[TestWith([DueReason::LongAgo, 'Its last test is too long ago.'])]
    public function test_why_it_wants_testing_is_told(DueReason $why, string $says): void
    {
        self::assertSame($says, HistoryWords::due($why, false));
        self::assertSame($says, HistoryWords::due($why, true));
    }

    public function test_what_was_rubbed_is_not_said_to_be_planed(): void
    {
        self::assertSame('It was planed and not tested again.', HistoryWords::due(DueReason::Corrected, false));
        self::assertSame('It was rubbed down and not tested again.', HistoryWords::due(DueReason::Corrected, true));
    }

    /** 0.02 mm in every 50 days are 0.146 a year. */
    public function test_a_drift_is_told_and_scatter_is_called_scatter(): void
    {
        self::assertStringStartsWith(
            'It drifts by 0.15 mm a year',
            (string) self::drift([[0, -0.04], [50, -0.02], [100, 0.0], [150, 0.02], [200, 0.04]]),
        );
        self::assertStringStartsWith(
            'No drift can be told: the tests scatter by ± ',
            (string) self::drift([[0, 0.02], [50, -0.02], [100, 0.02], [150, -0.02]]),
        );
        self::assertNull(self::drift([[0, 0.0], [9, 0.0]]));
    }

    /** @param  list<array{int, float}>  $tests  day and error */
    private static function drift(array $tests): ?string
    {
        $history = new History(
            array_map(static fn (array $test): Tested => new Tested($test[0], $test[1], 0.02, Verdict::Within), $tests),
            0.1,
        );

        return HistoryWords::drift($history, new LengthFormatter(LengthUnit::Millimetre));
    }
}
