<?php

declare(strict_types=1);

namespace JackRest\Desk\EdgeHistory;

use JackRest\Core\EdgeHistory\EdgeEntry;
use JackRest\Core\EdgeHistory\EdgeEntryKind;
use JackRest\Desk\Count;

/** One entry of an edge's diary, in a sentence. */
final class EdgeEntryWords
{
    /** @param  string  $edge  as it is called in the sentence: "the 12 mm chisel", "it" */
    public static function sentence(EdgeEntry $entry, string $edge): string
    {
        $minutes = $entry->minutes === null ? '' : ' for '.(int) round($entry->minutes).' minutes';
        $said = match ($entry->kind) {
            EdgeEntryKind::Used => "Used {$edge}{$minutes}".
                ($entry->wood === null ? '' : " in {$entry->wood->value} wood").
                '.',
            EdgeEntryKind::Tested => "Tested $edge: ".($entry->found?->label() ?? 'nothing noted').'.',
            EdgeEntryKind::Stropped => "Stropped $edge".
                ($entry->strokes === null ? '.' : ', '.Count::of($entry->strokes, 'stroke').' a side.'),
            EdgeEntryKind::TouchedUp => "Touched up $edge".($entry->stone === null ? '.' : " on the {$entry->stone}."),
            EdgeEntryKind::Honed => "Honed $edge".($entry->stone === null ? '.' : ", to the {$entry->stone}."),
            EdgeEntryKind::Ground => "Ground $edge anew.",
            EdgeEntryKind::Measured => "Measured $edge: ".round((float) $entry->deg, 1).'°.',
        };

        return trim("$said {$entry->note}");
    }
}
