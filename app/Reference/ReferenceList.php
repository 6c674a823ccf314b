<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\User;
use App\Season\SeasonOfBench;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Reference\ReferenceKind;

/** Every reference, those that want testing first, and what can be put among them. */
final class ReferenceList
{
    /** @return array<string, mixed> */
    public static function of(SeasonOfBench $season, User $user, LengthFormatter $format): array
    {
        $listed = $season->references->map(
            static fn (Reference $reference, int $index): array => TestHistory::listed(
                $reference,
                $season->claim($index, $format),
                $format,
            ),
        );
        $alone = array_filter(ReferenceKind::cases(), static fn (ReferenceKind $kind): bool => $kind->comesAlone());

        return [
            'references' => $listed->sortBy(static fn (array $one): bool => $one['due'] === null)->values()->all(),
            'kinds' => array_map(
                static fn (ReferenceKind $kind): array => [
                    'value' => $kind->value,
                    'label' => $kind->reference()->label(),
                ],
                array_values($alone),
            ),
            'paper' => $user->paper_mm === null ? null : $format->small($user->paper_mm),
        ];
    }
}
