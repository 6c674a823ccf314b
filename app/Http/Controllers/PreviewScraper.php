<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ScraperRequest;
use App\Http\Resources\ScraperResource;
use App\Models\Bench;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** How a burr is turned and the scraper held; writes nothing. */
final class PreviewScraper
{
    public function __invoke(ScraperRequest $request, Bench $bench, Tool $scraper, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse(ScraperResource::preview($request->sheet($bench, $scraper, $format)));
    }
}
