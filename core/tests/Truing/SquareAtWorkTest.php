<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing;

use JackRest\Core\Truing\SquareAtWork;
use JackRest\Core\Truing\SquareGradeName;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SquareAtWorkTest extends TestCase
{
    /** 0.16 mm over 200 mm is 0.0458°: over 300 mm 0.24 mm, round four corners 0.96 mm. */
    public function test_an_error_grows_with_the_work_and_with_every_corner(): void
    {
        $work = new SquareAtWork(rad2deg(atan(0.16 / 200)), 300);
        self::assertEqualsWithDelta([0.24, 0.96], [$work->shoulderGapMm(), $work->closingMm()], 1e-4);
    }

    public function test_which_way_it_leans_does_not_matter(): void
    {
        self::assertSame((new SquareAtWork(-0.1, 200))->closingMm(), (new SquareAtWork(0.1, 200))->closingMm());
    }

    #[TestWith([0.003, SquareGradeName::DoubleNought])]
    #[TestWith([0.015, SquareGradeName::One])]
    #[TestWith([0.041, null])]
    public function test_its_grade_were_it_metal(float $error, ?SquareGradeName $grade): void
    {
        self::assertSame($grade, SquareAtWork::grade(200, $error));
    }
}
