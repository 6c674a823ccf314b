<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LookOverRequest;
use App\Http\Resources\LookOverResource;
use App\Models\Bench;
use App\Models\LookOver;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Kit\ToolKind;
use JackRest\Core\Kit\ToolKinds;
use JackRest\Core\Measure\LengthFormatter;

/** Second-hand tools looked over, the unfinished first, and the kinds that can be. */
final class ShowLooks
{
    public function __invoke(Bench $bench, LengthFormatter $format): JsonResponse
    {
        $looks = $bench->lookOvers()->latest('id')->get()->sortBy(static fn (LookOver $look): bool => $look->state !== LookOver::OPEN)->values();
        $kinds = array_map(ToolKinds::named(...), LookOverRequest::kinds());
        usort($kinds, static fn (ToolKind $a, ToolKind $b): int => $a->name <=> $b->name);

        return new JsonResponse([
            'looks' => $looks->map(static fn (LookOver $look): array => LookOverResource::listed($look, $format))->all(),
            'kinds' => array_map(static fn (ToolKind $kind): array => ['value' => $kind->id, 'label' => $kind->name], $kinds),
        ]);
    }
}
