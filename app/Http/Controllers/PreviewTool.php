<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ToolSheetRequest;
use App\Http\Resources\FieldResource;
use App\Http\Resources\OutlineResource;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Outlines;

/** A tool as far as it has been described; writes nothing. */
final class PreviewTool
{
    public function __invoke(ToolSheetRequest $request, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($format);

        return new JsonResponse([
            'kind' => $sheet->kind->id,
            'figures' => FieldResource::readings($sheet->form),
            'outline' => OutlineResource::of(Outlines::of($sheet->kind->form, $sheet->sizes)),
            'name' => $sheet->name,
            'sound' => $sheet->isSound(),
        ]);
    }
}
