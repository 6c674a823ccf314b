<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Edge;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\CamberStrokesResult;
use JackRest\Core\Edge\CurveRole;
use JackRest\Core\Edge\EdgeKind;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\Edge\CurveForm;
use JackRest\Desk\Edge\CurvePrint;
use JackRest\Desk\Print\Trace;
use PHPUnit\Framework\TestCase;

/** The curve of a plane iron: chosen, counted in strokes, printed. */
final class CurveFormTest extends TestCase
{
    /** @param  array<string, string>  $typed */
    private static function form(array $typed, float $bedDeg = 45.0, bool $hasStone = true): CurveForm
    {
        $blade = new Blade(50, 2.5, 25, 30, 1.0, 4, EdgeKind::PlaneIron, bedDeg: $bedDeg, bevelUp: $bedDeg < 30);

        return CurveForm::of(
            $blade,
            $typed,
            $hasStone ? new HoningStone('1', 'coarse stone', GritScale::Micron, '15', 1.0, 20) : null,
            new LengthFormatter(LengthUnit::Millimetre),
        );
    }

    /**
     * By hand: a honed bevel of 1 mm, 30° before 25°, begins at a recession of 0.206 mm; 0.0905 mm more take
     * ½·(0.2967² − 0.2062²)·sin 25°·sin 30°/sin 5° = 0.0552 mm² off, at 0.00495 mm² a stroke: 12.
     */
    public function test_the_strokes_are_told_place_by_place(): void
    {
        $form = self::form(['relief' => '0.1']);
        self::assertSame('12 at each corner, 3 at each quarter: 30 strokes in all.', $form->next()->says);
        self::assertSame(
            'The corners stand back 0.14 mm on the iron, which the wood sees as 0.10 mm.',
            $form->lines()[0],
        );
        self::assertCount(2, $form->how());
    }

    /** Relief 0.1 on a bed of 12° is 0.1/sin 12° = 0.48 mm of curve. */
    public function test_beds_are_compared_both_ways(): void
    {
        self::assertStringStartsWith(
            'Bevel up on a bed of 12° the same relief needs 0.48 mm of curve',
            self::form(['relief' => '0.1'])->lines()[2],
        );
        self::assertStringStartsWith(
            'On a bed of 45° the same relief needs only 0.14 mm',
            self::form(['relief' => '0.1'], 12.0)->lines()[2],
        );
    }

    public function test_a_radius_does_as_well_and_two_are_asked_about(): void
    {
        self::assertEqualsWithDelta(250.0, self::form(['radius' => '250'])->curve->radiusMm ?? 0.0, 1e-9);
        self::assertSame(
            'The relief is taken; leave one of the two empty.',
            self::form(['radius' => '250', 'relief' => '0.1'])->form->readings['radius']->doubt,
        );
    }

    public function test_what_cannot_be_is_refused_beside_its_field(): void
    {
        self::assertNotNull(self::form(['radius' => '20'])->form->readings['radius']->error);
        self::assertNotNull(self::form(['relief' => '19'])->form->readings['relief']->error);
        self::assertFalse(self::form(['relief' => '19'])->isSound());
        self::assertStringNotContainsString('strokes', self::form(['relief' => '0.1'], hasStone: false)->lines()[2]);
        self::assertSame(
            'Lay a stone on the rack first.',
            self::form(['relief' => '0.1'], hasStone: false)->next()->says,
        );
        self::assertStringStartsWith('Choose what the iron is for', self::form([])->next()->says);
    }

    /** The rougher the work the more curve; hard wood less than soft (common practice, no source). */
    public function test_roles_and_woods_are_in_their_order(): void
    {
        $reliefs = array_map(static fn (CurveRole $role): float => $role->reliefMm(Hardness::Medium), [
            CurveRole::Joint,
            CurveRole::Smooth,
            CurveRole::Jack,
            CurveRole::Fore,
            CurveRole::Scrub,
        ]);
        $sorted = $reliefs;
        sort($sorted);
        self::assertSame($sorted, $reliefs);
        self::assertLessThan(CurveRole::Jack->reliefMm(Hardness::Soft), CurveRole::Jack->reliefMm(Hardness::Hard));
    }

    /** Every point of the printed arc lies 250 mm from its centre, and its corners 50 mm apart. */
    public function test_the_curve_is_printed_at_true_size(): void
    {
        $curve = self::form(['radius' => '250'])->curve;
        self::assertInstanceOf(CamberStrokesResult::class, $curve);
        $arc = array_values(
            array_filter(
                CurvePrint::sheet('iron', 50, $curve, new LengthFormatter(LengthUnit::Millimetre))->marks,
                static fn ($mark): bool => $mark instanceof Trace,
            ),
        )[0]->path->points;
        self::assertEqualsWithDelta(50.0, $arc[count($arc) - 1][0] - $arc[0][0], 1e-9);
        $top = $arc[intdiv(count($arc), 2)];
        foreach ($arc as [$x, $y]) {
            self::assertEqualsWithDelta(250.0, hypot($x - $top[0], $y - $top[1] - 250.0), 1e-6);
        }
    }
}
