<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Shelf;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Shelf\Fitness;
use JackRest\Core\Shelf\Purpose;
use JackRest\Desk\Shelf\WantedPieceForm;
use PHPUnit\Framework\TestCase;

/** Shelves drawn by lot: what holds for each order, whatever lies there. */
final class ShelfFormsTest extends TestCase
{
    /** Of each purpose the usual piece; what is typed instead; what cannot be is told and the usual one stands. */
    public function test_the_piece_that_is_wanted(): void
    {
        $format = new LengthFormatter(LengthUnit::Millimetre);
        $form = new WantedPieceForm(
            Purpose::Sticks,
            ['length' => '24in', 'width' => '', 'thickness' => 'thin'],
            $format,
        );
        self::assertEqualsWithDelta(
            [609.6, 40.0, 14.0],
            [$form->wanted->lengthMm, $form->wanted->widthMm, $form->wanted->thicknessMm],
            1e-9,
        );
        self::assertNotNull($form->form->readings['thickness']->error);
        self::assertSame(
            'Between 20 mm and 5000 mm.',
            (new WantedPieceForm(Purpose::Sticks, ['length' => '12 m'], $format))->form->readings['length']->error,
        );
        foreach (Purpose::cases() as $purpose) {
            $usual = $purpose->usual();
            self::assertEqualsWithDelta(
                [20.0, 5.0, 3.0],
                [
                    $usual->roughLengthMm() - $usual->lengthMm,
                    $usual->roughWidthMm() - $usual->widthMm,
                    $usual->roughThicknessMm() - $usual->thicknessMm,
                ],
                1e-9,
            );
            self::assertNotSame('', $purpose->label());
        }
        self::assertSame(
            [0, 1, 2],
            array_map(static fn (Fitness $fitness): int => $fitness->rank(), [
                Fitness::Good,
                Fitness::Doubtful,
                Fitness::Unfit,
            ]),
        );
    }
}
