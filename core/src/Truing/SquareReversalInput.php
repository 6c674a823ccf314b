<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class SquareReversalInput
{
    /**
     * @param  non-empty-list<float>  $farGapsMm
     *
     * @throws InvalidInput when a gap is as wide as the blade is long
     */
    public function __construct(
        #[
            Field('distance along the blade between the near and the far reading, mm', above: 0),
        ]
        public float $bladeLengthMm,
        #[
            Field(
                'gap between the lines at the far end, mm, once or several times; positive where the line knifed '
                    .'with the stock to the left is the left one',
                of: 'number',
                minItems: 1,
                maxItems: 1000,
            ),
        ]
        public array $farGapsMm,
        #[Field('gap at the near end, mm, same sign; 0 where none was read')] public ?float $nearGapMm = null,
        #[Field('width of the line, mm', atLeast: 0)] public float $lineWidthMm = 0.0,
        #[Field('what the instrument can tell apart, mm', atLeast: 0)] public float $resolutionMm = 0.0,
        #[Field('the edge of the blade that was tested')] public SquareEdge $edge = SquareEdge::Outer,
        #[Field('thickness of one shaving, mm', above: 0)] public ?float $shavingMm = null,
        #[Field('the error the work can bear, mm over the length', atLeast: 0)] public ?float $toleranceMm = null,
    ) {
        foreach ($farGapsMm as $index => $gap) {
            if (abs($gap) >= $bladeLengthMm) {
                throw InvalidInput::because(
                    "farGapsMm[$index]",
                    "must be smaller than the length tested ($bladeLengthMm mm)",
                );
            }
        }
        if ($nearGapMm !== null && abs($nearGapMm) >= $bladeLengthMm) {
            throw InvalidInput::because('nearGapMm', "must be smaller than the length tested ($bladeLengthMm mm)");
        }
    }

    public function meanFarGapMm(): float
    {
        return array_sum($this->farGapsMm) / count($this->farGapsMm);
    }
}
