<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Truing;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\SquareAtWork;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SquareAtWorkTest extends TestCase
{
    /** 0.16 mm over 200 mm is 0.0458°: over 300 mm 0.24 mm, round four corners 0.96 mm. */
    public function test_an_error_grows_with_the_work_and_with_every_corner(): void
    {
        $work = new SquareAtWork(rad2deg(atan(0.16 / 200)), 300);
        self::assertEqualsWithDelta([0.24, 0.96], [$work->shoulderGapMm(), $work->closingMm()], 1e-4);
        self::assertSame(
            'Over 300 mm a shoulder stands open by 0.24 mm; a box of four such sides closes 0.96 mm out.',
            $work->sentence(new LengthFormatter(LengthUnit::Millimetre)),
        );
    }

    public function test_which_way_it_leans_does_not_matter(): void
    {
        self::assertSame((new SquareAtWork(-0.1, 200))->closingMm(), (new SquareAtWork(0.1, 200))->closingMm());
    }

    #[TestWith([0.003, 'grade 00'])]
    #[TestWith([0.015, 'grade 1'])]
    #[TestWith([0.041, 'no grade'])]
    public function test_its_grade_were_it_metal(float $error, string $says): void
    {
        self::assertStringContainsString($says, SquareAtWork::grade(200, $error));
    }
}
