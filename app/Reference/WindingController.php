<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\Bench;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** A board sighted with winding sticks. */
final class WindingController
{
    /** What a test with winding sticks begins with: the user's own sticks. */
    public function show(Bench $bench, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(WindingResource::page($bench, $format));
    }

    /** A board under winding sticks as far as it has been typed; writes nothing. */
    public function preview(WindingFormRequest $request, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(WindingResource::preview($request->sheet($format), $format));
    }
}
