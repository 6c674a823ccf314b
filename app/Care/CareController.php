<?php

declare(strict_types=1);

namespace App\Care;

use App\Bench\Bench;
use App\Care\Answer\CareAnswer;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\School\KitSettings;

/** What the kit wants besides sharpening. */
final class CareController
{
    public function show(Bench $bench): CareAnswer
    {
        return CareResource::of($bench);
    }

    /** How damp the shop is: rust is looked after by it. */
    public function damp(DampRequest $request, Ledger $ledger): CareAnswer
    {
        $damp = $request->damp();
        $ledger->record('damp', 'shop', "The shop’s air is {$damp->label()}.", static function (Changes $changes) use (
            $damp,
        ): void {
            $settings =
                KitSettings::of($changes->bench)->first() ??
                $changes->create(KitSettings::of($changes->bench), ['answers' => [], 'overrules' => []]);
            $changes->update($settings, ['damp' => $damp]);
        });

        return $this->show($ledger->bench);
    }
}
