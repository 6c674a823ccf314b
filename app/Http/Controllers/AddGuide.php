<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\GuideSheetRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class AddGuide
{
    public function __invoke(GuideSheetRequest $request, Ledger $ledger, LengthFormatter $format): JsonResponse
    {
        $values = $request->values($format);
        $ledger->record('guide-measured', (string) $values['name'], "Measured the {$values['name']} for {$request->seat()->label()}.", static function (Changes $changes) use ($values): void {
            $changes->create($changes->bench->guides(), $values);
        });

        return (new ShowGuides)($ledger->bench, $format)->setStatusCode(201);
    }
}
