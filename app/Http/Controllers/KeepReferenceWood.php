<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ReferenceWoodRequest;
use App\Http\Resources\DiaryResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Reference;
use App\Models\Square;
use App\Models\Straight;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** Which wood a reference is of, so that the season can be reckoned on it. */
final class KeepReferenceWood
{
    public function __invoke(ReferenceWoodRequest $request, Ledger $ledger, Square|Straight|Reference $trued, LengthFormatter $format): JsonResponse
    {
        $wood = $request->wood($format);
        $entry = $ledger->record('reference-wood', $trued->name, "The {$trued->name} is of {$wood->species->name}.", static function (Changes $changes) use ($trued, $wood, $request): void {
            $changes->update($trued, $trued::woodColumns($wood), $request->version());
        });

        return new JsonResponse(DiaryResource::entry($entry->load('undoneBy')));
    }
}
