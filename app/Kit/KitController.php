<?php

declare(strict_types=1);

namespace App\Kit;

use App\Bench\Bench;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;

/** The board of tools and the ways to close the gap. */
final class KitController
{
    public function show(Bench $bench): JsonResponse
    {
        return new JsonResponse(KitResource::of(new KitOfBench($bench)));
    }

    public function ladder(Bench $bench): JsonResponse
    {
        return new JsonResponse(LadderResource::of(new KitOfBench($bench)));
    }

    public function alternatives(Bench $bench): JsonResponse
    {
        return new JsonResponse(AlternativesResource::of(new KitOfBench($bench)));
    }

    public function kinds(Bench $bench, LengthFormatter $format): JsonResponse
    {
        $school = $bench->kitSettingsNow()->school();

        return new JsonResponse([
            'kinds' => array_values(
                array_map(
                    static fn (ToolKind $kind): array => KindResource::of($kind, $school, $format),
                    ToolKinds::all(),
                ),
            ),
            'groups' => KindResource::groups(),
        ]);
    }
}
