<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StoneSheetRequest;
use App\Http\Resources\FieldResource;
use Illuminate\Http\JsonResponse;

/** A piece of the rack as far as it has been described; writes nothing. */
final class PreviewStone
{
    public function __invoke(StoneSheetRequest $request): JsonResponse
    {
        $sheet = $request->sheet();

        return new JsonResponse([
            'figures' => FieldResource::readings($sheet->form),
            'name' => $sheet->name,
            'particleUm' => $sheet->particleUm,
            'elsewhere' => $sheet->elsewhere(),
            'sound' => $sheet->isSound(),
        ]);
    }
}
