<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\SquareResource;
use App\Models\Bench;
use App\Models\Square;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowSquares
{
    public function __invoke(Bench $bench, LengthFormatter $format): JsonResponse
    {
        $squares = $bench->squares()->with('tests')->get()->sortBy(static fn (Square $square): array => [$square->due() === null, -$square->blade_mm])->values();

        return new JsonResponse(['squares' => $squares->map(static fn (Square $square): array => SquareResource::of($square, $format))->all()]);
    }
}
