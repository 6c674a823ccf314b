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

    /** @param  string  $edge  as it is called in the sentence: "the 12 mm chisel", "it" */
    public function sentence(string $edge): string
    {
        $minutes = $this->minutes === null ? '' : ' for '.(int) round($this->minutes).' minutes';
        $said = match ($this->kind) {
            EdgeEntryKind::Used => "Used {$edge}{$minutes}".
                ($this->wood === null ? '' : " in {$this->wood->value} wood").
                '.',
            EdgeEntryKind::Tested => "Tested $edge: ".($this->found?->label() ?? 'nothing noted').'.',
            EdgeEntryKind::Stropped => "Stropped $edge".
                ($this->strokes === null ? '.' : ", {$this->strokes} strokes a side."),
            EdgeEntryKind::TouchedUp => "Touched up $edge".($this->stone === null ? '.' : " on the {$this->stone}."),
            EdgeEntryKind::Honed => "Honed $edge".($this->stone === null ? '.' : ", to the {$this->stone}."),
            EdgeEntryKind::Ground => "Ground $edge anew.",
            EdgeEntryKind::Measured => "Measured $edge: ".round((float) $this->deg, 1).'°.',
        };

        return trim("$said {$this->note}");
    }
}
