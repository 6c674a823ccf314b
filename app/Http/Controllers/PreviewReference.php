<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ReferenceSheetRequest;
use App\Http\Resources\ReferenceResource;
use App\Models\Reference;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** A reference's test as far as it has been typed; writes nothing. */
final class PreviewReference
{
    public function __invoke(ReferenceSheetRequest $request, Reference $reference, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(ReferenceResource::preview($reference->kind, $request->sheet($reference, $format), $format));
    }
}
