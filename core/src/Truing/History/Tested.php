<?php

declare(strict_types=1);

namespace JackRest\Core\Truing\History;

use JackRest\Core\Truing\Verdict;

/** One test of a reference, as its history keeps it. */
final readonly class Tested
{
    /**
     * @param  float  $day  days since any one moment, the same for all tests of a history
     * @param  float  $errorMm  signed, so that a change of side shows
     * @param  float  $uncertaintyMm  expanded, for 95 of 100 tests
     * @param  bool  $corrected  whether wood or metal was taken off after it
     */
    public function __construct(
        public float $day,
        public float $errorMm,
        public float $uncertaintyMm,
        public Verdict $verdict,
        public bool $corrected = false,
    ) {
    }
}
