<?php

declare(strict_types=1);

namespace JackRest\Core\Abrasive;

use JackRest\Core\Calculation\Calculates;

/**
 * The particle size behind a grit number, and what other scales call that size.
 *
 * Sources: FEPA 42 and 43, ANSI B74.12/B74.18, JIS R 6001 (median sizes). Diamond plates, films and
 * pastes are given in micrometres. Equivalents are nearest by ratio; the grades' spreads differ, so
 * they are equivalents of size, not of finish.
 */
#[Calculates('grit', 'Particle size of a grit and its equivalents')]
final class Grit
{
    public function __invoke(GritInput $grit): GritResult
    {
        $particleUm = $grit->scale->particleUm($grit->designation);
        $others = array_filter(GritScale::cases(), static fn (GritScale $scale): bool => $scale !== $grit->scale);

        return new GritResult($particleUm, array_map(
            static fn (GritScale $scale): GritEquivalent => self::equivalent($scale, $particleUm),
            array_values($others),
        ));
    }

    private static function equivalent(GritScale $scale, float $particleUm): GritEquivalent
    {
        $designation = $scale->nearest($particleUm);

        return new GritEquivalent($scale, $designation, $scale->particleUm($designation));
    }
}
