<?php

declare(strict_types=1);

namespace App\School;

use App\Bench\Bench;
use App\Ledger\Changes;
use App\Ledger\Conflict;
use App\Ledger\Ledger;
use App\School\Answer\SchoolAnswer;

/** The school a kit is built by. */
final class SchoolController
{
    public function show(Bench $bench): SchoolAnswer
    {
        return SchoolResource::of(KitSettings::now($bench));
    }

    /** Writes down how tools are chosen; the first time there is nothing to change yet. */
    public function update(SchoolRequest $request, Ledger $ledger): SchoolAnswer
    {
        $settings = KitSettings::now($ledger->bench);
        $values = $request->values($settings);
        $ledger->record('school', 'school', 'Changed how tools are chosen.', static function (Changes $changes) use (
            $settings,
            $values,
            $request,
        ): void {
            if ($settings->exists) {
                $changes->update($settings, $values, $request->version());

                return;
            }
            // Another window may have been the first meanwhile.
            $first = KitSettings::of($changes->bench)->first();
            if ($first !== null) {
                throw new Conflict($first);
            }
            $changes->create(KitSettings::of($changes->bench), [
                ...$settings->getAttributes(),
                'answers' => [],
                'overrules' => [],
                ...$values,
            ]);
        });

        return $this->show($ledger->bench);
    }
}
