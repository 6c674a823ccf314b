<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\ScraperResource;
use App\Models\Bench;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;

final class ShowScraper
{
    public function __invoke(Bench $bench, Tool $scraper): JsonResponse
    {
        return new JsonResponse(ScraperResource::page($bench, $scraper));
    }
}
