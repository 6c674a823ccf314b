<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference;

use JackRest\Core\Truing\Verdict;

/** What a test of several things at once, or with another reference, says of one of them. */
final readonly class TestOfOne
{
    /**
     * @param  string  $series  which of its edges, or which of its errors, has this history
     * @param  array<string, mixed>  $readings  as they were typed
     * @param  array<string, mixed>  $facts  what its correction at the bench needs to know of it
     * @param  float  $uncertaintyMm  expanded, for 95 of 100 tests
     * @param  string|null  $found  beside its size; null: nothing
     */
    public function __construct(
        public string $series,
        public array $readings,
        public array $facts,
        public float $errorMm,
        public float $uncertaintyMm,
        public Verdict $verdict,
        public ?string $found = null,
    ) {
    }
}
