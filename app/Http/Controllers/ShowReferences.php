<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\SeasonOfBench;
use App\Http\Resources\HistoryResource;
use App\Models\Bench;
use App\Models\Trued;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Truing\Reference\ReferenceKind;

/** Every reference, those that want testing first. */
final class ShowReferences
{
    public function __invoke(Bench $bench, User $user, LengthFormatter $format): JsonResponse
    {
        $season = new SeasonOfBench($bench);
        $listed = $season->references->map(static fn (Trued $reference, int $index): array => HistoryResource::listed($reference, $season->claim($index, $format), $format));

        return new JsonResponse([
            'references' => $listed->sortBy(static fn (array $reference): bool => $reference['due'] === null)->values()->all(),
            'kinds' => array_map(static fn (ReferenceKind $kind): array => ['value' => $kind->value, 'label' => $kind->label()], ReferenceKind::cases()),
            'paper' => $user->paper_mm === null ? null : $format->small($user->paper_mm),
        ]);
    }
}
