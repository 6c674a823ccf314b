<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SquareSheetRequest;
use App\Http\Resources\SquareResource;
use App\Models\Square;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** A reversal test as far as it has been typed; writes nothing. */
final class PreviewSquare
{
    public function __invoke(SquareSheetRequest $request, Square $square, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($square, $format);

        return new JsonResponse(SquareResource::preview($sheet, $request->workWidth(), $square->learntShavingMm($sheet), $format));
    }
}
