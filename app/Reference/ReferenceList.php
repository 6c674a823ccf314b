<?php

declare(strict_types=1);

namespace App\Reference;

use App\Bench\User;
use App\Http\Answer\WordAnswer;
use App\Reference\Answer\ListedAnswer;
use App\Reference\Answer\ReferencesAnswer;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Reference\ReferenceKind;

/** Every reference, those that want testing first, and what can be put among them. */
final class ReferenceList
{
    public static function of(SeasonOfBench $season, User $user, LengthFormatter $format): ReferencesAnswer
    {
        $listed = $season->references->map(
            static fn (Reference $reference, int $index): ListedAnswer => TestHistory::listed(
                $reference,
                $season->claim($index, $format),
                $format,
            ),
        );

        return new ReferencesAnswer(
            references: array_values($listed->sortBy(static fn (ListedAnswer $one): bool => $one->due === null)->all()),
            kinds: array_map(
                static fn (ReferenceKind $kind): WordAnswer => new WordAnswer(
                    value: $kind->value,
                    label: $kind->reference()->label(),
                ),
                ReferenceKind::cases(),
            ),
            paper: $user->paper_mm === null ? null : $format->small($user->paper_mm),
        );
    }
}
