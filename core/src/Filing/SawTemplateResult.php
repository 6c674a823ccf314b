<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Calculation\Field;

final readonly class SawTemplateResult
{
    /** @param  list<float>  $tipsMm */
    public function __construct(
        #[Field('where each tip stands, from the toe, mm', of: 'number')] public array $tipsMm,
        #[Field('how many tips that are')] public int $teeth,
        #[Field('smallest distance between two of them, mm')] public float $finestMm,
        #[Field('largest distance between two of them, mm')] public float $coarsestMm,
        #[Field('length that is left over at the heel, mm')] public float $overMm,
    ) {
    }
}
