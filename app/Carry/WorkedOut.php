<?php

declare(strict_types=1);

namespace App\Carry;

use App\Bench\Bench;
use App\Climate\AirDays;
use App\Climate\ClimateStretch;
use App\Sum\Sums;

/** What no file carries, because it is worked out of what it does. */
final class WorkedOut
{
    public static function anew(Bench $bench): void
    {
        ClimateStretch::withTrashed()->where('bench_id', $bench->id)->orderBy('id')->each(AirDays::keep(...));
        app(Sums::class)->renew($bench);
    }
}
