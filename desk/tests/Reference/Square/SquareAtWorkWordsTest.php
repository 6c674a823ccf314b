<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Reference\Square;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\SquareAtWork;
use JackRest\Core\Truing\SquareGradeName;
use JackRest\Desk\Reference\Square\SquareAtWorkWords;
use PHPUnit\Framework\TestCase;

final class SquareAtWorkWordsTest extends TestCase
{
    /** 0.16 mm over 200 mm: over 300 mm 0.24 mm, round four corners 0.96 mm. */
    public function test_what_the_error_does_is_told(): void
    {
        self::assertSame(
            'Over 300 mm a shoulder stands open by 0.24 mm; a box of four such sides closes 0.96 mm out.',
            (new SquareAtWorkWords(new LengthFormatter(LengthUnit::Millimetre)))->sentence(
                new SquareAtWork(rad2deg(atan(0.16 / 200)), 300),
            ),
        );
    }

    public function test_its_grade_is_told_with_its_source(): void
    {
        self::assertSame(
            'It keeps to grade '.SquareGradeName::cases()[0]->value.' (DIN 875-1, from memory).',
            SquareAtWorkWords::grade(SquareGradeName::cases()[0]),
        );
        self::assertSame('It keeps to no grade (DIN 875-1, from memory).', SquareAtWorkWords::grade(null));
    }
}
