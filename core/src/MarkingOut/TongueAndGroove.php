<?php

declare(strict_types=1);

namespace JackRest\Core\MarkingOut;

use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\Rounding;

/**
 * Boards of a panel joined by a matched pair made for one thickness and used, from the face side, on another.
 *
 * Tongue at (pair − tongue)/2 from the face; off centre by (stock − pair)/2. What boards may still swell is left as a
 * gap at each joint. Geometry.
 */
#[Calculates('tongue-and-groove', 'A panel of boards tongued and grooved')]
final class TongueAndGroove
{
    public function __invoke(TongueAndGrooveInput $panel): TongueAndGrooveResult
    {
        $each = $panel->faceMm() + $panel->gapMm();
        $boards = Rounding::up(($panel->panelWidthMm + $panel->gapMm()) / $each);

        return new TongueAndGrooveResult(
            $boards,
            $panel->faceMm(),
            $panel->panelWidthMm - ($boards - 1) * $each,
            $panel->gapMm(),
            $panel->tongueFromFaceMm(),
            ($panel->stockMm - $panel->pairForMm) / 2,
            $panel->wallBehindMm(),
        );
    }
}
