<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

/** What a recess is called: at the edge a rebate; away from it a groove along the grain, a dado across it. */
enum RecessName: string
{
    case Rebate = 'rebate';
    case RebateAcross = 'rebate-across';
    case Groove = 'groove';
    case Dado = 'dado';

    public static function of(bool $isAtEdge, RecessGrain $grain): self
    {
        return match ($grain) {
            RecessGrain::Along => $isAtEdge ? self::Rebate : self::Groove,
            RecessGrain::Across => $isAtEdge ? self::RebateAcross : self::Dado,
        };
    }
}
