<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SlopeSheetRequest;
use App\Http\Resources\Figures;
use App\Http\Resources\Shared;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** A slope template as far as it was measured; writes nothing. */
final class PreviewSlope
{
    public function __invoke(SlopeSheetRequest $request, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($format);

        return new JsonResponse([
            'figures' => Figures::of($sheet->figures),
            'result' => $sheet->slope === null ? null : [
                'angleDeg' => $sheet->slope->angleDeg,
                'ratio' => LengthFormatter::decimal($sheet->slope->ratio, 2),
                'angle' => LengthFormatter::decimal($sheet->slope->angleDeg, 2).'°',
                'nominalDeg' => $sheet->slope->errorDeg === null ? null : $sheet->slope->angleDeg - $sheet->slope->errorDeg,
                'lean' => $sheet->leanDeg() === null ? null : LengthFormatter::fixed(abs($sheet->leanDeg()), 2).'°',
            ],
            'next' => $sheet->next(),
            'how' => Shared::how($sheet->explained()),
        ]);
    }
}
