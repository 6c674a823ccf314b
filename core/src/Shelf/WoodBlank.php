<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

use JackRest\Core\Timber\Species;

/** A piece of wood on the shelf, as it was measured and looked at. */
final readonly class WoodBlank
{
    /** Grain that was not measured is taken to run out by this much, more than in a chosen piece; from memory. */
    public const UNKNOWN_RUNOUT_DEG = 4.0;

    /**
     * @param  float  $ringDeg  angle of the growth rings to the face: 0 flatsawn, 90 quartersawn
     * @param  float|null  $runoutDeg  null: not measured
     */
    public function __construct(
        public string $id,
        public string $name,
        public Species $species,
        public float $lengthMm,
        public float $widthMm,
        public float $thicknessMm,
        public float $ringDeg,
        public ?float $runoutDeg,
        public Figured $figure,
        public Knots $knots,
        public RestTest $rest,
    ) {
    }
}
