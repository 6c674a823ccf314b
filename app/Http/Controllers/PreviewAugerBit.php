<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AugerBitRequest;
use App\Http\Resources\AugerResource;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** What becomes of a bit by its readings; writes nothing. */
final class PreviewAugerBit
{
    public function __invoke(AugerBitRequest $request, Tool $auger, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(AugerResource::preview($request->sheet($format)));
    }
}
