<?php

declare(strict_types=1);

namespace JackRest\Core\Timber;

use JackRest\Core\Calculation\Calculates;

/**
 * How wood follows the air it lies in.
 *
 * A first-order lag: m(t+Δ) = e + (m(t) − e)·exp(−Δ/τ), e the equilibrium of the air at the time, which holds from its
 * day until the next entry. τ = 14·(thickness/12 mm)² days, from memory, to be calibrated.
 */
#[Calculates('moisture-course', 'How wood follows the air')]
final class MoistureCourse
{
    public const TIME_DAYS = 14.0;

    public const TIME_THICKNESS_MM = 12.0;

    public function __invoke(MoistureCourseInput $piece): MoistureCourseResult
    {
        $tau = $piece->timeConstant();
        $moisture = $piece->startMcPct;
        $course = [];
        foreach ($piece->climate as $index => $air) {
            $course[] = new MoistureDay($air->day, $moisture);
            $next = $piece->climate[$index + 1]->day ?? $piece->untilDay;
            $rest = EquilibriumMoisture::pct($air->tempC, $air->rhPct);
            $moisture = $rest + ($moisture - $rest) * exp(-($next - $air->day) / $tau);
        }
        if ($piece->untilDay > $piece->climate[count($piece->climate) - 1]->day) {
            $course[] = new MoistureDay($piece->untilDay, $moisture);
        }

        return new MoistureCourseResult($course);
    }
}
