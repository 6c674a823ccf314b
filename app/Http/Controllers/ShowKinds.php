<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\KindResource;
use App\Models\Bench;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Kit\ToolKind;
use JackRest\Core\Kit\ToolKinds;
use JackRest\Core\Measure\LengthFormatter;

final class ShowKinds
{
    public function __invoke(Bench $bench, LengthFormatter $format): JsonResponse
    {
        $school = $bench->kitSettingsNow()->school();

        return new JsonResponse([
            'kinds' => array_values(array_map(static fn (ToolKind $kind): array => KindResource::of($kind, $school, $format), ToolKinds::all())),
            'groups' => KindResource::groups(),
        ]);
    }
}
