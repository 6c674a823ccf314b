<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Shelf;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Shelf\RestForm;
use PHPUnit\Framework\TestCase;

/** Measured, left a week, measured again: "if it moved, use another piece" (common practice, no source). */
final class RestFormTest extends TestCase
{
    /** @param  array<string, string>  $typed */
    private static function typed(array $typed): Form
    {
        $format = new LengthFormatter(LengthUnit::Millimetre);

        return Form::of(RestForm::fields($format), $typed, $format);
    }

    public function test_a_measure_is_whole_or_none(): void
    {
        $visit = RestForm::reading(self::typed(['bow' => '0.3', 'wind' => '-4 thou', 'cup' => '0']), 1);
        self::assertNotNull($visit);
        self::assertEqualsWithDelta([0.3, -0.1016, 0.0], [$visit->bowMm, $visit->windMm, $visit->cupMm], 1e-9);
        self::assertNull(RestForm::reading(self::typed(['bow' => '0.3', 'wind' => '']), 1));
        $far = self::typed(['bow' => '80', 'wind' => '0', 'cup' => 'much']);
        self::assertNull(RestForm::reading($far, 1));
        self::assertSame(
            'A blank that is out by more than 50 mm is firewood. Check the unit.',
            $far->readings['bow']->error,
        );
        self::assertNotNull($far->readings['cup']->error);
    }
}
