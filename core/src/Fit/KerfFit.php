<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Calculates;

/**
 * Which blade passes a saw's kerf, so that waste can be sawn out from the kerf's floor.
 *
 * Kerf = plate + 2·set; a blade passes when its thickness over its own set is no more. A fine blade drops into a
 * dovetail kerf, a coping blade often does not (common practice, no source).
 */
#[Calculates('kerf-fit', 'Which blade passes this saw’s kerf')]
final class KerfFit
{
    public function __invoke(KerfFitInput $saw): KerfFitResult
    {
        $kerf = $saw->plateMm + 2 * $saw->setPerSideMm;

        return new KerfFitResult($kerf, array_map(static function (KerfBlade $blade) use ($kerf): BladeInKerf {
            $over = $blade->thicknessMm + 2 * $blade->setPerSideMm;

            return new BladeInKerf($blade->id, $over, $kerf - $over, $over <= $kerf + 1e-9);
        }, $saw->blades));
    }
}
