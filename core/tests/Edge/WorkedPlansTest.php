<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Edge;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Edge\Blade;
use JackRest\Core\Edge\EdgeDuty;
use JackRest\Core\Edge\EdgeGeometry;
use JackRest\Core\Edge\EdgeKind;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Edge\LeftStone;
use JackRest\Core\Edge\SharpeningPlan;
use JackRest\Core\Edge\SharpeningSchool;
use JackRest\Core\Edge\SharpeningStep;
use JackRest\Core\Edge\SharpeningTask;
use JackRest\Core\Edge\StopEarly;
use JackRest\Core\Edge\TaskOfEdge;
use JackRest\Core\Tests\Catalogue\Listing;
use PHPUnit\Framework\TestCase;

/**
 * What each school does about everything an edge may need, for blades of several kinds, as it was read: a plan that
 * changes is seen here. Written anew by JACKREST_WRITE_WORKED=1.
 */
final class WorkedPlansTest extends TestCase
{
    private const MEASURED = ['nickDepth' => 0.4, 'backLength' => null, 'outOfFlat' => null, 'relief' => 0.5];

    public function test_each_plan_is_the_one_that_was_read(): void
    {
        $text = '';
        foreach (self::blades() as $name => $blade) {
            $text .= Listing::of([$name => EdgeGeometry::of($blade, null, 0.1)]);
            foreach (EdgeNeed::forBlade($blade) as $need) {
                foreach (SharpeningSchool::all() as $school) {
                    $task = TaskOfEdge::of($blade, $need, self::MEASURED, 32.0, $school, null);
                    $text .= "$name, {$need->label()}: ".self::answer($task, $blade)."\n";
                }
            }
        }
        $file = __DIR__.'/plans.txt';
        if (getenv('JACKREST_WRITE_WORKED') === '1') {
            file_put_contents($file, $text);
        }
        self::assertSame((string) file_get_contents($file), $text);
    }

    private static function answer(SharpeningTask $task, Blade $blade): string
    {
        try {
            return self::told(SharpeningPlan::for($task, self::rack()), $blade);
        } catch (InvalidInput $refused) {
            return "refused: {$refused->errors[0]->message}";
        }
    }

    private static function told(SharpeningPlan $plan, Blade $blade): string
    {
        $steps = array_map(static fn (SharpeningStep $step): string => sprintf(
            '%s %s %d strokes %g s %g um %s',
            $step->kind->value,
            $step->stone->id,
            $step->strokes,
            round($step->seconds, 2),
            round($step->removeUm, 3),
            $step->sign->name,
        ), $plan->steps);
        $left = array_map(
            static fn (LeftStone $one): string => "{$one->stone->id} {$one->why->name} ".round($one->extraSeconds, 2),
            $plan->left(),
        );
        $early = array_map(
            static fn (StopEarly $one): string => "{$one->finishUm} um saves ".round($one->savesSeconds, 2),
            $plan->earlier(),
        );

        return implode(', ', $steps).'; left '.implode(', ', $left).'; sooner '.implode(', ', $early).
            '; micro '.round($plan->microWidthAfterMm($blade), 3).($plan->isWide() ? ' wide' : '').
            ' in '.round($plan->totalSeconds, 2).' s';
    }

    /** @return array<string, Blade> */
    private static function blades(): array
    {
        return [
            'chisel' => new Blade(12, 3.5, 25, 30, 0.6, 2.0),
            'chisel with one bevel' => new Blade(25, 4.0, 30, 30, 0.0, 2.0),
            'chisel ground hollow' => new Blade(18, 4.0, 25, 25, 0.0, 1.0, wheelMm: 150.0, honedMm: 0.05),
            'jack iron' => new Blade(50, 2.4, 25, 30, 1.9, 2.0, EdgeKind::PlaneIron, EdgeDuty::Coarse, 45.0),
            'bevel-up iron' => new Blade(
                41, 3.0, 25, 33, 0.4, 0.8, EdgeKind::PlaneIron, EdgeDuty::Smooth, 12.0, true,
            ),
            'skewed iron' => new Blade(
                38, 3.2, 25, 30, 0.5, 1.0, EdgeKind::PlaneIron, EdgeDuty::Fit, 50.0, skewDeg: 20,
            ),
            'gouge' => new Blade(18, 3.0, 25, 30, 0.3, 2.0, EdgeKind::Gouge),
        ];
    }

    /** @return list<HoningStone> */
    private static function rack(): array
    {
        return [
            new HoningStone('wheel', 'grinding wheel', GritScale::FepaF, '80', 1, 60, Medium::Wheel),
            new HoningStone('c', '220 stone', GritScale::Jis, '220', 1, 20),
            new HoningStone('m', '1000 stone', GritScale::Jis, '1000', 1.2, 20),
            new HoningStone('f', '4000 stone', GritScale::Jis, '4000', 1, 20),
            new HoningStone('x', '8000 stone', GritScale::Jis, '8000', 0.9, 25),
            new HoningStone('strop', 'strop', GritScale::Micron, '0.5', 1, 10, Medium::Strop),
        ];
    }
}
