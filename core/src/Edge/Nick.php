<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Calculates;

/**
 * A nick: honed out, or ground out.
 *
 * Honed from a fresh primary bevel it takes the section ½·n·h of {@see MicroBevel} at recession n, times the width;
 * grinding the whole bevel back takes n·t·width. Honing is the way while the secondary bevel stays within the
 * widest one wants (2 mm, common practice).
 */
#[Calculates('nick', 'Hone a nick out or grind it out')]
final class Nick
{
    public function __invoke(NickInput $nick): NickResult
    {
        $bevel = (new MicroBevel)(new MicroBevelInput($nick->primaryDeg, $nick->secondaryDeg, $nick->depthMm));

        return new NickResult(
            $bevel->widthMm,
            $bevel->crossSectionMm2 * $nick->bladeWidthMm,
            $nick->depthMm * $nick->thicknessMm * $nick->bladeWidthMm,
            $bevel->widthMm <= $nick->maxMicroWidthMm ? NickRoute::Hone : NickRoute::Grind,
        );
    }
}
