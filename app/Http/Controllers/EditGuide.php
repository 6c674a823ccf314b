<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SeenGuideSheetRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Guide;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class EditGuide
{
    public function __invoke(SeenGuideSheetRequest $request, Ledger $ledger, Guide $guide, LengthFormatter $format): JsonResponse
    {
        $values = $request->values($format);
        $ledger->record('guide-measured', (string) $values['name'], "Measured the {$values['name']} for {$request->seat()->label()} again.", static function (Changes $changes) use ($guide, $values, $request): void {
            $changes->update($guide, $values, $request->version());
        });

        return (new ShowGuides)($ledger->bench, $format);
    }
}
