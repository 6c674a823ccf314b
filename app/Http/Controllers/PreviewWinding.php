<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\WindingSheetRequest;
use App\Http\Resources\WindingResource;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** A board under winding sticks as far as it has been typed; writes nothing. */
final class PreviewWinding
{
    public function __invoke(WindingSheetRequest $request, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(WindingResource::preview($request->sheet($format), $format));
    }
}
