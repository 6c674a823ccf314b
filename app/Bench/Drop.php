<?php

declare(strict_types=1);

namespace App\Bench;

use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Record;
use App\Models\Trued;
use Illuminate\Support\Carbon;

/** A reference that fell is not trusted until it is tested. */
final class Drop
{
    public static function record(Ledger $ledger, Record&Trued $reference, int $version): void
    {
        $ledger->record('reference-dropped', $reference->name, "The {$reference->name} fell.", static function (Changes $changes) use ($reference, $version): void {
            $changes->update($reference, ['dropped_on' => Carbon::now()->toIso8601ZuluString()], $version);
        });
    }
}
