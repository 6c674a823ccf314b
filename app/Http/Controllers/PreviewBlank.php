<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BlankRequest;
use App\Http\Resources\Figures;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Measure\Figure;

/** A blank as far as it was described; writes nothing. */
final class PreviewBlank
{
    public function __invoke(BlankRequest $request, LengthFormatter $format): JsonResponse
    {
        $sheet = $request->sheet($format);
        $isWrong = array_filter($sheet->figures, static fn (Figure $figure): bool => $figure->error !== null) !== [];

        return new JsonResponse(['figures' => Figures::of($sheet->figures), 'missing' => (object) $sheet->missing(), 'sound' => ! $isWrong && $sheet->missing() === []]);
    }
}
