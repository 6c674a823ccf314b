<?php

declare(strict_types=1);

namespace JackRest\Core\Timber;

use JackRest\Core\Calculation\Calculates;

/** How wood follows the air: by `Lag`, each air asking for its equilibrium (`EquilibriumMoisture`). */
#[Calculates('moisture-course', 'How wood follows the air')]
final class MoistureCourse
{
    public function __invoke(MoistureCourseInput $piece): MoistureCourseResult
    {
        $days = array_map(static fn (ClimateDay $air): float => $air->day, $piece->climate);
        $rests = array_map(
            static fn (ClimateDay $air): float => EquilibriumMoisture::pct($air->tempC, $air->rhPct),
            $piece->climate,
        );
        if ($piece->untilDay > $days[count($days) - 1]) {
            $days[] = $piece->untilDay;
        }

        return new MoistureCourseResult(
            array_map(
                static fn (float $day, float $pct): MoistureDay => new MoistureDay($day, $pct),
                $days,
                Lag::follow($piece->startMcPct, $days, $rests, $piece->timeConstant()),
            ),
        );
    }
}
