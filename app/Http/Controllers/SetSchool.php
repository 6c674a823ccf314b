<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SchoolRequest;
use App\Ledger\Changes;
use App\Ledger\Conflict;
use App\Ledger\Ledger;
use Illuminate\Http\JsonResponse;

/** Writes down how tools are chosen; the first time there is nothing to change yet. */
final class SetSchool
{
    public function __invoke(SchoolRequest $request, Ledger $ledger): JsonResponse
    {
        $settings = $ledger->bench->kitSettingsNow();
        $values = $request->values($settings);
        $ledger->record('school', 'school', 'Changed how tools are chosen.', static function (Changes $changes) use ($settings, $values, $request): void {
            if ($settings->exists) {
                $changes->update($settings, $values, $request->version());

                return;
            }
            // Another window may have been the first meanwhile.
            $first = $changes->bench->kitSettings()->first();
            if ($first !== null) {
                throw new Conflict($first);
            }
            $changes->create($changes->bench->kitSettings(), [...$settings->getAttributes(), 'answers' => [], 'overrules' => [], ...$values]);
        });

        return (new ShowSchool)($ledger->bench);
    }
}
