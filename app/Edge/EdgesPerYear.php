<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use Illuminate\Support\Carbon;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Core\EdgeHistory\Life;

/** How many edges are honed at a bench in a year. */
final class EdgesPerYear
{
    /** Before there is a record: an evening user's; from memory. */
    private const USUAL = 60.0;

    private const LEAST_DAYS = 60.0;

    public static function of(Bench $bench): float
    {
        $honed = EdgeEvent::of($bench)->whereIn('kind', [EdgeEntryKind::Honed->value, EdgeEntryKind::TouchedUp->value]);
        $first = $honed->min('happened_at');
        $count = $honed->count();

        return $count < 5 || ! is_string($first)
            ? self::USUAL
            : $count * 365.25 / max(self::LEAST_DAYS, Life::days($first, Carbon::now()->toDateString()));
    }
}
