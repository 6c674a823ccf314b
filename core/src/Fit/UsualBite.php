<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

/**
 * The bite of a saw whose strokes nobody has counted yet.
 *
 * A long saw is held at an angle and driven from the shoulder, with the weight of the arm on it; the force of the model
 * ({@see SawFit}) was set by short saws that are held level. It is doubled, and the hand and the gullet limit the bite
 * as before. Eight teeth to the inch cut a board of oak, 150 × 25 mm, across in some fifty strokes: common practice,
 * no source.
 */
final class UsualBite
{
    private const FROM_THE_SHOULDER = 2.0;

    public static function of(SawFitInput $cut): SawFitInput
    {
        if ($cut->sawAngleDeg >= 90.0) {
            return $cut;
        }
        $bites = SawFit::bites($cut);
        $deepest = min(self::FROM_THE_SHOULDER * $bites['force'], $bites['gullet'], $bites['hand']);

        return $cut->biting($deepest / min($bites));
    }
}
