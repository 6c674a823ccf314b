<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\History\Drift;
use JackRest\Core\Truing\History\DueReason;
use JackRest\Core\Truing\History\History;

/** What the tests of a reference say together. */
final class HistoryWords
{
    /** @param  bool  $isRubbed  whether it is corrected over abrasive paper, not by a plane */
    public static function due(DueReason $why, bool $isRubbed): string
    {
        return match ($why) {
            DueReason::NeverTested => 'It has never been tested.',
            DueReason::Fell => 'It has not been tested since it fell.',
            DueReason::Corrected => $isRubbed
                ? 'It was rubbed down and not tested again.'
                : 'It was planed and not tested again.',
            DueReason::Outside => 'The last test found it outside your tolerance.',
            DueReason::CannotTell => 'The last test could not tell.',
            DueReason::Drift => 'By its drift it may have left your tolerance.',
            DueReason::LongAgo => 'Its last test is too long ago.',
        };
    }

    /** What the tests say of its movement, in a sentence; null: too few to say anything. */
    public static function drift(History $history, LengthFormatter $format): ?string
    {
        $drift = $history->drift;
        if ($drift === null) {
            return null;
        }
        $scatter = '± '.$format->small(2 * $drift->scatterMm);
        $give = $format->small(2 * $drift->standardErrorMm * Drift::DAYS_PER_YEAR);

        return $drift->isTold
            ? "It drifts by {$format->small(abs($drift->mmPerYear()))} a year, ± $give; the tests scatter by "
                ."$scatter about that."
            : "No drift can be told: the tests scatter by $scatter, and one slower than $give a year would not show.";
    }
}
