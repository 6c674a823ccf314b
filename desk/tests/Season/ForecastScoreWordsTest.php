<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Season;

use JackRest\Core\Season\ForecastScore;
use JackRest\Desk\Season\ForecastScoreWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ForecastScoreWordsTest extends TestCase
{
    #[TestWith([0, 0, 0, 0, 'No later test has scored it yet.'])]
    #[
        TestWith([
            1,
            0,
            3,
            1,
            'Before 5 tests it said “moved” once, and was right; where it was silent, one had moved past its '.
            'tolerance all the same.',
        ]),
    ]
    #[TestWith([0, 1, 0, 0, 'Before 1 test it said “moved” once, and was wrong.'])]
    #[TestWith([0, 2, 0, 0, 'Before 2 tests it said “moved” 2 times, and was never right.'])]
    #[TestWith([2, 1, 0, 0, 'Before 3 tests it said “moved” 3 times, and was right 2 times.'])]
    #[TestWith([2, 0, 0, 0, 'Before 2 tests it said “moved” 2 times, and was right each time.'])]
    #[TestWith([0, 0, 2, 0, 'It was silent before 2 tests: none had moved past its tolerance.'])]
    #[TestWith([0, 0, 1, 2, 'It was silent before 3 tests: 2 had moved past their tolerance all the same.'])]
    public function test_what_was_said_and_what_was_so(
        int $right,
        int $wrong,
        int $still,
        int $missed,
        string $says,
    ): void {
        $score = new ForecastScore($right, $wrong, $still, $missed, 0.0);

        self::assertSame($says, (new ForecastScoreWords($score))->sentence());
    }
}
