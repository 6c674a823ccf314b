<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LookOverRequest;
use App\Http\Resources\LookOverResource;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\LookOver;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** Where a look-over stands: saved at every tap, so that it can be left half done. */
final class SaveLook
{
    public function __invoke(LookOverRequest $request, Ledger $ledger, LookOver $look, LengthFormatter $format): JsonResponse
    {
        abort_if($look->state !== LookOver::OPEN, 409, 'This one is settled already.');
        $values = $request->values($format->unit);
        $ledger->save(static fn (Changes $changes) => $changes->update($look, $values, $request->version()));

        return new JsonResponse(['complaints' => (object) $request->complaints()] + LookOverResource::page($look->load('photos'), $format));
    }
}
