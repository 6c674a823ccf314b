<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class SlopeTemplateInput
{
    /** @throws InvalidInput unless either a ratio or a rise with its run is given */
    public function __construct(
        #[Field('the slope as 1 in so many', above: 0)] public ?float $ratio = null,
        #[Field('how far it leans over the run, mm', above: 0)] public ?float $riseMm = null,
        #[Field('length measured along, mm', above: 0)] public ?float $runMm = null,
        #[Field('the slope it is meant to have, as 1 in so many', above: 0)] public ?float $nominalRatio = null,
    ) {
        if (($riseMm === null) !== ($runMm === null)) {
            throw InvalidInput::because(
                $riseMm === null ? 'riseMm' : 'runMm',
                'is missing: rise and run belong together',
            );
        }
        if (($ratio === null) === ($riseMm === null)) {
            throw InvalidInput::because('ratio', 'give either the ratio or rise and run, one of the two');
        }
        if ($ratio !== null && $nominalRatio !== null) {
            throw InvalidInput::because('nominalRatio', 'belongs to a measured rise and run');
        }
    }
}
