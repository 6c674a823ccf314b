<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Shelf;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Shelf\BlankForm;
use PHPUnit\Framework\TestCase;

/** As it is typed and said. */
final class BlankFormTest extends TestCase
{
    private static function format(): LengthFormatter
    {
        return new LengthFormatter(LengthUnit::Millimetre);
    }

    public function test_a_blank_is_measured_figure_by_figure(): void
    {
        $form = Form::of(
            BlankForm::fields(),
            ['length' => '18in', 'width' => '', 'thickness' => '1', 'ring' => '95', 'runout' => '1:20'],
            self::format(),
        );
        self::assertSame(457.2, $form->readings['length']->value);
        self::assertSame('Between 2 mm and 300 mm.', $form->readings['thickness']->error);
        self::assertSame('Rings lie between 0° (flatsawn) and 90° (quartersawn).', $form->readings['ring']->error);
        self::assertEqualsWithDelta(2.86, (float) $form->readings['runout']->value, 0.01);
        self::assertSame(['width' => 'Measure this first.'], $form->missing());
    }
}
