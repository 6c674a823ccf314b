<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitOfBench;
use App\Http\Resources\ToolPageResource;
use App\Models\Bench;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class ShowTool
{
    public function __invoke(Bench $bench, Tool $tool, LengthFormatter $format): JsonResponse
    {
        return new JsonResponse((new ToolPageResource(new KitOfBench($bench), $format))->of($tool->load('edges', 'strokeCounts')));
    }
}
