<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class ShoulderFitInput
{
    /**
     * @param  list<float>  $ironsMm
     *
     * @throws InvalidInput when the tenon is not thinner than its stock
     */
    public function __construct(
        #[Field('thickness of the stock', above: 0)] public float $stockThicknessMm,
        #[Field('thickness of the tenon', above: 0)] public float $tenonThicknessMm,
        #[Field('widths of the shoulder planes’ irons', of: 'number', above: 0, maxItems: 1000)] public array $ironsMm,
        #[Field('a groove or dado to be cleaned as well', above: 0)] public ?float $grooveMm = null,
    ) {
        if ($tenonThicknessMm >= $stockThicknessMm) {
            throw InvalidInput::because(
                'tenonThicknessMm',
                "must be less than the stock is thick ($stockThicknessMm mm)",
            );
        }
    }
}
