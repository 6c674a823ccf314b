<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

/** The strokes that take a taper off a square's blade, shortest first, measured from the heel. */
final class SquareStrokes
{
    private const STATIONS = 9;

    /** @return list<ShavingPass> */
    public static function for(SquareReversalInput $test, SquareReversalResult $result): array
    {
        $most = max($result->removeAtHeelMm, $result->removeAtTipMm);
        if ($most === 0.0 || $result->shavings === null || $result->shavings === 0) {
            return [];
        }
        $stations = $remove = [];
        for ($station = 0; $station < self::STATIONS; $station++) {
            $ratio = $station / (self::STATIONS - 1);
            $stations[] = $ratio * $test->bladeLengthMm;
            $remove[] = $result->removeAtHeelMm * (1 - $ratio) + $result->removeAtTipMm * $ratio;
        }

        // The whole error in equal shavings: their number is the one the advice names.
        return (new ShavingMap)(new ShavingMapInput($stations, $remove, $most / $result->shavings))->passes;
    }
}
