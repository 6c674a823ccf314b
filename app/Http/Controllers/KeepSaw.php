<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenSawSheetRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class KeepSaw
{
    public function __invoke(SeenSawSheetRequest $request, Ledger $ledger, Tool $saw, LengthFormatter $format): JsonResponse
    {
        $sizes = $request->sizes($saw, $request->sheet($saw, $format));
        $ledger->record('saw-read', $saw->name, "Read the teeth of the {$saw->name}.", static function (Changes $changes) use ($saw, $sizes, $request): void {
            $changes->update($saw, ['size' => $sizes], $request->version());
        });

        return (new ShowSaw)($ledger->bench, $saw, $format);
    }
}
