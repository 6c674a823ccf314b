<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Reference\Square;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\KnownSquare;
use JackRest\Core\Truing\Lean;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Reference\Square\KnownSquareForm;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class KnownSquareTest extends TestCase
{
    private static function form(string $gap, bool $atTip = true): KnownSquareForm
    {
        $known = new KnownSquare('steel square', 100.0, 0.02, 0.02);

        return KnownSquareForm::of(
            $known,
            [['name' => 'beech square', 'lengthMm' => 200.0, 'toleranceMm' => 0.1, 'gap' => $gap, 'atTip' => $atTip]],
            Instrument::Caliper,
            new LengthFormatter(LengthUnit::Millimetre),
        );
    }

    /** Over the common 100 mm the known one takes 0.02 of a gap of 0.12; 0.10 over 100 is 0.20 over 200. */
    public function test_the_known_ones_own_error_is_taken_off(): void
    {
        $row = self::form('0.12')->rows[0];
        self::assertEqualsWithDelta(0.2, $row->errorMm, 1e-12);
        self::assertEqualsWithDelta(2 * sqrt(1.96 ** 2 * 0.01 ** 2 / 12 + 0.02 ** 2), $row->uncertaintyMm, 1e-5);
        self::assertSame([Verdict::Outside, Lean::TowardStock], [$row->verdict, $row->lean()]);
    }

    /** Light at the heel: −0.08 − 0.02 over 100 mm. */
    public function test_a_gap_at_the_heel_leans_the_other_way(): void
    {
        self::assertEqualsWithDelta(-0.2, self::form('0.08', false)->rows[0]->errorMm, 1e-12);
    }

    /** Two squares drawn as lines at their true angles: the distance between their tips is what the formula says. */
    public function test_by_construction(): void
    {
        [$a, $b] = [deg2rad(90 - 0.3), deg2rad(90 - 0.2)];
        $gap = 150 * cos($a) + 150 * cos($b);
        $known = new KnownSquare('known', 150.0, 150 * cos($a), 0.01);
        self::assertEqualsWithDelta(150 * cos($b), $known->errorOfMm($gap, 150.0), 1e-12);
    }

    #[TestWith(['-0.1', 'say whether it shows at the tip'])]
    #[TestWith(['60', 'far smaller than the blade'])]
    public function test_what_cannot_be_is_refused(string $gap, string $says): void
    {
        $form = self::form($gap);
        self::assertStringContainsString($says, (string) $form->rows[0]->gap->error);
        self::assertSame('Correct the reading marked ✗.', $form->next()->says);
    }

    #[TestWith(['', 'Hold both stocks against one straight edge'])]
    #[TestWith(['0.12', 'Outside: beech square.'])]
    #[TestWith(['0.02', 'Write them down.'])]
    public function test_the_next_stroke(string $gap, string $says): void
    {
        self::assertStringContainsString($says, self::form($gap)->next()->says);
    }

    public function test_the_other_unit_is_asked_about(): void
    {
        self::assertSame('0.1', self::form('2.54')->rows[0]->gap->instead);
    }
}
