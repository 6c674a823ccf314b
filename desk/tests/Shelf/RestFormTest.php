<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Shelf;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Shelf\RestForm;
use PHPUnit\Framework\TestCase;

/** Measured, left a week, measured again: "if it moved, use another piece" (common practice, no source). */
final class RestFormTest extends TestCase
{
    public function test_a_measure_is_whole_or_none(): void
    {
        $format = new LengthFormatter(LengthUnit::Millimetre);
        $visit = (new RestForm(['bow' => '0.3', 'wind' => '-4 thou', 'cup' => '0'], $format))->visit(1);
        self::assertNotNull($visit);
        self::assertEqualsWithDelta([0.3, -0.1016, 0.0], [$visit->bowMm, $visit->windMm, $visit->cupMm], 1e-9);
        self::assertNull((new RestForm(['bow' => '0.3', 'wind' => ''], $format))->visit(1));
        $far = new RestForm(['bow' => '80', 'wind' => '0', 'cup' => 'much'], $format);
        self::assertNull($far->visit(1));
        self::assertSame('A blank that is out by more than 50 mm is firewood. Check the unit.', $far->figures['bow']->error);
        self::assertNotNull($far->figures['cup']->error);
    }
}
