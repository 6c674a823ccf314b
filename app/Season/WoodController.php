<?php

declare(strict_types=1);

namespace App\Season;

use App\Http\FieldResource;
use App\Http\Shared;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Species;

/** How far a piece of wood moves. */
final class WoodController
{
    /** The woods that are listed, with how much they shrink. */
    public function show(): JsonResponse
    {
        $pct = static fn (float $value): string => LengthFormatter::decimal($value, 1);

        return new JsonResponse([
            'species' => array_map(
                static fn (Species $species): array => [
                    'value' => $species->name,
                    'label' => "$species->name ({$pct($species->radialPct)} / {$pct($species->tangentialPct)} %)",
                ],
                Species::all(),
            ),
        ]);
    }

    /** How a piece moves between two airs; writes nothing. */
    public function preview(WoodRequest $request, LengthFormatter $format): JsonResponse
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
