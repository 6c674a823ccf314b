<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ToolSheetRequest;
use App\Http\Resources\Figures;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** A tool as far as it has been described; writes nothing. */
final class PreviewTool
{
    public function __invoke(ToolSheetRequest $request, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($format);

        return new JsonResponse([
            'figures' => Figures::of($sheet->figures),
            'sizeMm' => (object) $sheet->sizes,
            'name' => $sheet->name,
            'form' => $sheet->kind->form,
            'sound' => $sheet->isSound(),
        ]);
    }
}
