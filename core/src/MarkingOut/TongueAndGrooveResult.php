<?php

declare(strict_types=1);

namespace JackRest\Core\MarkingOut;

use JackRest\Core\Calculation\Field;

final readonly class TongueAndGrooveResult
{
    public function __construct(
        #[Field('how many boards')] public int $boards,
        #[Field('what shows of each board, mm')] public float $faceMm,
        #[Field('what shows of the last board, mm')] public float $lastFaceMm,
        #[Field('gap left at each joint, mm')] public float $gapMm,
        #[Field('from the face side to the tongue, mm')] public float $tongueFromFaceMm,
        #[Field('how far the tongue lies from the middle of the stock, mm; positive toward the face side')]
        public float $offCentreMm,
        #[Field('wall behind the groove, mm')] public float $wallBehindMm,
    ) {
    }
}
