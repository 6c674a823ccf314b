<?php

declare(strict_types=1);

namespace App\Kit;

use App\Bench\Bench;
use App\Kit\Answer\SchoolAnswer;
use App\Ledger\Changes;
use App\Ledger\Conflict;
use App\Ledger\Ledger;

/** The school a kit is built by. */
final class SchoolController
{
    public function show(Bench $bench): SchoolAnswer
    {
        return SchoolResource::of($bench->kitSettingsNow());
    }

    /** Writes down how tools are chosen; the first time there is nothing to change yet. */
    public function update(SchoolRequest $request, Ledger $ledger): SchoolAnswer
    {
        $settings = $ledger->bench->kitSettingsNow();
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
            $first = $changes->bench->kitSettings()->first();
            if ($first !== null) {
                throw new Conflict($first);
            }
            $changes->create($changes->bench->kitSettings(), [
                ...$settings->getAttributes(),
                'answers' => [],
                'overrules' => [],
                ...$values,
            ]);
        });

        return $this->show($ledger->bench);
    }
}
