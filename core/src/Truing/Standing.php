<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

/** Whether a reference can be trusted, by its last test and what happened since. */
final class Standing
{
    /**
     * @param  Verdict|null  $verdict  of the last test; null: there was none
     * @param  string  $testedAt  ISO 8601
     * @param  string|null  $droppedAt  ISO 8601; null: it never fell
     * @param  bool  $planed  whether wood was taken off after the last test
     * @return string|null why it wants testing; null: it can be trusted
     */
    public static function due(?Verdict $verdict, string $testedAt, ?string $droppedAt, bool $planed): ?string
    {
        return match (true) {
            $verdict === null => 'It has never been tested.',
            $droppedAt !== null && $testedAt < $droppedAt => 'It has not been tested since it fell.',
            $planed => 'It was planed and not tested again.',
            $verdict === Verdict::Outside => 'The last test found it outside your tolerance.',
            $verdict === Verdict::CannotTell => 'The last test could not tell.',
            default => null,
        };
    }
}
