<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Calculation\Field;

final readonly class SawFileResult
{
    public function __construct(
        #[Field('the longer flank of a tooth, square to the file, mm')] public float $flankMm,
        #[Field('width a face must have so that each of its halves does one flank, mm')] public float $neededFaceMm,
        #[Field('the smallest file with such a face; null: none is large enough')] public ?TriangularFile $byGeometry,
        #[Field('the file that tables give for these points per inch; null: they end')] public ?TriangularFile $byTable,
        #[
            Field('how much wider the table’s face is than what is needed, mm; null: the table gives none'),
        ]
        public ?float $differenceMm,
    ) {
    }
}
