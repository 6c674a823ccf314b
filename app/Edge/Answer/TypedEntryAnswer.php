<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\EdgeHistory\EdgeEntry;

/** An entry of an edge's diary as it would be typed. */
final readonly class TypedEntryAnswer extends Answer
{
    private function __construct(
        #[Field('what happened')] public string $kind,
        #[Field('the day it happened, ISO 8601')] public string $day,
        #[Field('minutes of use; empty: not told')] public string $minutes,
        #[Field('how hard the wood was; empty: not told')] public string $wood,
        #[Field('strokes; empty: not told')] public string $strokes,
        #[Field('what a test showed; empty: it was none')] public string $found,
        #[Field('the last stone; empty: not told')] public string $stone,
        #[Field('the measured angle, degrees; empty: none')] public string $deg,
        #[Field('what was noted')] public string $note,
    ) {
    }

    public static function of(EdgeEntry $entry): self
    {
        return new self(
            kind: $entry->kind->value,
            day: substr($entry->at, 0, 10),
            minutes: self::number($entry->minutes),
            wood: $entry->wood->value ?? '',
            strokes: (string) $entry->strokes,
            found: $entry->found->value ?? '',
            stone: (string) $entry->stone,
            deg: self::number($entry->deg),
            note: $entry->note,
        );
    }

    private static function number(?float $number): string
    {
        return $number === null ? '' : (string) round($number, 3);
    }
}
