<?php

declare(strict_types=1);

namespace JackRest\Desk\Eye;

use JackRest\Core\Eye\Exercise;
use JackRest\Core\Eye\Kerf;
use JackRest\Core\Eye\ShownCase;
use JackRest\Core\Eye\Sight;

/** What is drawn of a case, at the size at which its error is seen under its angle. */
final class EyeDrawing
{
    /** Half of what is drawn, mm, where the screen is half a metre off; farther off all of it is larger. */
    private const HALF = 40.0;

    private const NEAR = 500.0;

    /** How much larger a kerf is drawn, and how wide it is, mm. */
    private const ENLARGED = 3.0;

    private const KERF_MM = 0.6;

    /** Of which a wave is drawn. */
    private const STEPS = 24;

    /** @return list<EyeMark> */
    public static function of(ShownCase $case, Sight $sight): array
    {
        $scale = $sight->distanceMm / self::NEAR;
        $error = $sight->mm($case->size);

        return match ($case->exercise) {
            Exercise::Rule => self::rule($case, $error, $scale),
            Exercise::Light => self::light($case, $error, $scale),
            Exercise::Twist => self::twist($case, $error, $scale),
            Exercise::Lines => self::lines($case, $error, $scale),
            Exercise::Proud => self::proud($case, $error, $scale),
            Exercise::Glint => self::glint($case, $error, $scale),
            // What is judged is told, not drawn; a kerf is drawn by its strokes.
            Exercise::Shavings, Exercise::Turns, Exercise::Stone, Exercise::Kerf => [],
        };
    }

    /**
     * A board's face with its line from the upper edge downwards, and the kerf as far as it is sawn, enlarged.
     *
     * @return list<EyeMark>
     */
    public static function kerf(Kerf $kerf): array
    {
        $by = self::ENLARGED;
        $half = self::KERF_MM / 2;
        $top = -$by * Kerf::STROKES * Kerf::STEP_MM / 2;
        $left = $right = [];
        foreach ($kerf->xMm as $stroke => $x) {
            $y = $top + $by * $stroke * Kerf::STEP_MM;
            $left = [...$left, $by * ($x - $half), $y];
            $right = [$by * ($x + $half), $y, ...$right];
        }
        $high = $by * Kerf::STROKES * Kerf::STEP_MM;

        return [
            EyeMark::box(-30, $top, 60, $high + 8, 'wood'),
            EyeMark::box(-0.15, $top, 0.3, $high, 'ink'),
            new EyeMark([...$left, ...$right], 'shade'),
        ];
    }

    /**
     * Two marks of a rule and a line between them, off the middle by the error.
     *
     * @return list<EyeMark>
     */
    private static function rule(ShownCase $case, float $error, float $scale): array
    {
        $half = 5 * $scale;
        $thick = 0.4 * $scale;
        $at = $case->shift * 8 * $scale;
        $off = $at + ($case->truth === 'left' ? -$error : $error);

        return [
            EyeMark::box($at - 30 * $scale, 0, 60 * $scale, 16 * $scale, 'steel'),
            EyeMark::box($at - $half - $thick / 2, 0, $thick, 8 * $scale, 'ink'),
            EyeMark::box($at + $half - $thick / 2, 0, $thick, 8 * $scale, 'ink'),
            EyeMark::box($off - $thick / 2, -14 * $scale, $thick, 14 * $scale, 'ink'),
        ];
    }

    /**
     * A straightedge on an edge of wood, both dark against the window; at one of three places they don't touch.
     *
     * @return list<EyeMark>
     */
    private static function light(ShownCase $case, float $error, float $scale): array
    {
        $half = self::HALF * $scale;
        $third = 2 * $half / 3;
        $place = -$half + $third * (float) array_search($case->truth, Exercise::Light->choices(), true);
        $y = $case->shift * 4 * $scale;

        return [
            EyeMark::box(-$half, $y - 14 * $scale, 2 * $half, 14 * $scale, 'shade'),
            EyeMark::box(-$half, $y, 2 * $half, 16 * $scale, 'shade'),
            EyeMark::box($place + 0.2 * $third, $y, 0.6 * $third, $error, 'light'),
        ];
    }

    /**
     * The near stick, and the far one above it, one end of it higher than the other by the error.
     *
     * @return list<EyeMark>
     */
    private static function twist(ShownCase $case, float $error, float $scale): array
    {
        $half = self::HALF * $scale;
        $far = 0.82 * $half;
        $lift = $case->truth === 'left' ? -$error / 2 : $error / 2;
        $y = $case->shift * 4 * $scale;
        $top = $y - 3 * $scale;

        return [
            new EyeMark([
                -$far, $top + $lift, $far, $top - $lift, $far, $y + 2 * $scale, -$far, $y + 2 * $scale,
            ], 'ink'),
            EyeMark::box(-$half, $y, 2 * $half, 14 * $scale, 'wood'),
        ];
    }

    /**
     * Two lines up from the foot, farther from each other at one end by the error.
     *
     * @return list<EyeMark>
     */
    private static function lines(ShownCase $case, float $error, float $scale): array
    {
        $thick = 0.35 * $scale;
        $apart = 2.5 * $scale;
        $long = 30 * $scale;
        $x = $case->shift * 8 * $scale;
        $top = $apart + ($case->truth === 'top' ? $error : 0.0);
        $foot = $apart + ($case->truth === 'bottom' ? $error : 0.0);

        return [
            EyeMark::box($x - 24 * $scale, -$long - 4 * $scale, 48 * $scale, 2 * $long + 8 * $scale, 'wood'),
            EyeMark::box($x, -$long, $thick, 2 * $long, 'ink'),
            new EyeMark([
                $x + $top, -$long, $x + $top + $thick, -$long, $x + $foot + $thick, $long, $x + $foot, $long,
            ], 'ink'),
        ];
    }

    /**
     * A board seen from the side; in one third its upper edge rises by the error, as a wave.
     *
     * @return list<EyeMark>
     */
    private static function proud(ShownCase $case, float $error, float $scale): array
    {
        $half = self::HALF * $scale;
        $third = 2 * $half / 3;
        $from = -$half + $third * (float) array_search($case->truth, Exercise::Proud->choices(), true);
        $y = $case->shift * 4 * $scale;
        $points = [-$half, $y + 18 * $scale, -$half, $y];
        for ($step = 0; $step <= self::STEPS; $step++) {
            $points[] = $from + $third * $step / self::STEPS;
            $points[] = $y - $error * sin(M_PI * $step / self::STEPS) ** 2;
        }

        return [new EyeMark([...$points, $half, $y, $half, $y + 18 * $scale], 'ink')];
    }

    /**
     * Two edges towards a light; along one of them it is thrown back.
     *
     * @return list<EyeMark>
     */
    private static function glint(ShownCase $case, float $error, float $scale): array
    {
        $wide = 22 * $scale;
        $y = $case->shift * 4 * $scale;
        $left = -$wide - 6 * $scale;
        $right = 6 * $scale;

        return [
            EyeMark::box($left - 6 * $scale, $y - 12 * $scale, 2 * $wide + 24 * $scale, 40 * $scale, 'shade'),
            EyeMark::box($left, $y, $wide, 24 * $scale, 'iron'),
            EyeMark::box($right, $y, $wide, 24 * $scale, 'iron'),
            EyeMark::box($case->truth === 'left' ? $left : $right, $y, $wide, $error, 'light'),
        ];
    }
}
