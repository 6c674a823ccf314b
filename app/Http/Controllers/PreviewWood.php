<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\WoodRequest;
use App\Http\Resources\FieldResource;
use App\Http\Resources\Shared;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** How a piece moves between two airs; writes nothing. */
final class PreviewWood
{
    public function __invoke(WoodRequest $request, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($format);
        $movement = $sheet->movement;

        return new JsonResponse([
            'figures' => FieldResource::readings($sheet->form),
            'changeMm' => $movement?->changeMm,
            'change' => $movement === null ? null : $format->small(abs($movement->changeMm)),
            'rotationDeg' => $movement?->rotationDeg,
            'ringDeg' => $sheet->form->value('ring') ?? 0.0,
            'widthMm' => $sheet->form->value('width'),
            'lines' => $sheet->lines(),
            'next' => Shared::advice($sheet->next()),
            'how' => Shared::how($sheet->how()),
        ]);
    }
}
