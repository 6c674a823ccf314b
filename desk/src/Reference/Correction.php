<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference;

/** What was taken off a reference after its test, for the record. */
final readonly class Correction
{
    /**
     * @param  int  $strokes  counted or planned; 0 where it was rubbed
     * @param  string  $taken  for the history: 4 shavings off the heel
     * @param  string  $did  for the diary: Took 4 shavings off the heel.
     * @param  array<string, float>  $sizes  of the reference that are others now, mm by name
     * @param  array<string, mixed>  $facts  what a later test learns from, beside those of the test
     */
    public function __construct(
        public int $strokes,
        public string $taken,
        public string $did,
        public array $sizes = [],
        public array $facts = [],
    ) {
    }
}
