<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EditWorkRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Work;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class EditWork
{
    public function __invoke(EditWorkRequest $request, Ledger $ledger, Work $work, LengthFormatter $format): JsonResponse
    {
        $values = $request->values($format);
        $ledger->record('work-changed', (string) $values['name'], "Changed the {$values['name']}.", static function (Changes $changes) use ($work, $values, $request): void {
            $changes->update($work, $values, $request->version());
        });

        return (new ShowWork)($ledger->bench, $work, $format);
    }
}
