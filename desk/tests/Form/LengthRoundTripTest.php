<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Measure;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Form\LengthParser;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** As it is typed and said. */
final class LengthRoundTripTest extends TestCase
{
    /** What a field shows can be typed back and means the same. */
    #[TestWith([200.0])]
    #[TestWith([0.32])]
    #[TestWith([9.525])]
    #[TestWith([-0.1])]
    #[TestWith([28.575])]
    #[TestWith([3.4])]
    public function test_a_typed_figure_reads_back(float $mm): void
    {
        foreach (LengthUnit::cases() as $unit) {
            $typed = (new LengthFormatter($unit))->typed($mm);
            self::assertEqualsWithDelta($mm, LengthParser::parse($typed, $unit)->mm, 0.002, $typed);
        }
    }
}
