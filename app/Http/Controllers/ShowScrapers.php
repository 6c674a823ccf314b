<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\ScrapersOfBench;
use App\Models\Bench;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;

final class ShowScrapers
{
    public function __invoke(Bench $bench): JsonResponse
    {
        return new JsonResponse(['scrapers' => array_values(ScrapersOfBench::of($bench)->map(static fn (Tool $scraper): array => ['id' => $scraper->id, 'name' => $scraper->name])->all())]);
    }
}
