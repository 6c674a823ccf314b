<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Making;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\Making\PlanForm;
use JackRest\Desk\Making\PlanKind;
use PHPUnit\Framework\TestCase;

/** The same job has the same minutes on the ladder and on its plan. */
final class MinutesTest extends TestCase
{
    public function test_making_takes_as_long_on_the_ladder_as_by_its_plan(): void
    {
        $format = new LengthFormatter(LengthUnit::Millimetre);
        $compared = 0;
        foreach (ToolKinds::all() as $id => $kind) {
            $plan = PlanKind::forTool($id);
            if ($kind->making !== null && $plan !== null) {
                self::assertSame(PlanForm::of($plan, [], $format)->minutes($format), $kind->making->minutes, $id);
                $compared++;
            }
        }
        self::assertGreaterThanOrEqual(7, $compared);
    }
}
