<?php

declare(strict_types=1);

namespace JackRest\Core\EdgeHistory;

use JackRest\Core\Timber\Hardness;

/** One entry of an edge's own diary. */
final readonly class EdgeEntry
{
    /**
     * @param  string  $at  ISO 8601
     * @param  float|null  $minutes  of use
     * @param  int|null  $strokes  a side on the strop, all in all on stones
     * @param  float|null  $deg  measured angle, with its uncertainty in giveDeg
     * @param  float|null  $recessionMm  how far the edge went back
     * @param  string|null  $stone  the last stone it was honed on
     */
    public function __construct(
        public EdgeEntryKind $kind,
        public string $at,
        public ?float $minutes = null,
        public ?Hardness $wood = null,
        public ?int $strokes = null,
        public ?TestFound $found = null,
        public ?float $deg = null,
        public ?float $giveDeg = null,
        public ?float $recessionMm = null,
        public ?string $stone = null,
        public string $note = '',
    ) {
    }
}
