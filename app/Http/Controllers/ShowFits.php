<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\FitResource;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Fit\FitQuestion;

final class ShowFits
{
    public function __invoke(LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(['fits' => array_map(static fn (FitQuestion $question): array => FitResource::question($question, $format), FitQuestion::cases())]);
    }
}
