<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;

final readonly class ChiselFitResult
{
    /** @param  list<float>  $intoGapMm */
    public function __construct(
        #[Field('chisels that go between the tails, widest first', of: 'number')] public array $intoGapMm,
        #[Field('the widest that goes between the tails')] public ?float $bestForGapMm,
        #[Field('the chisel that is as wide as the mortise')] public ?float $justForMortiseMm,
        #[Field('the widest that goes into the mortise')] public ?float $bestForMortiseMm,
        #[Field('width of a pin where it is widest')] public ?float $pinWideMm = null,
    ) {
    }
}
