<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class ShavingCountInput
{
    /** @throws InvalidInput when wood would have to be put on, or a shaving's thickness is told twice or not at all */
    public function __construct(
        #[Field('size it has, mm', above: 0)] public float $fromMm,
        #[Field('size wanted, mm', above: 0)] public float $toMm,
        #[Field('thickness of a shaving, mm', above: 0)] public ?float $shavingMm = null,
        #[Field('shavings measured together')] public ?ShavingPack $pack = null,
        #[Field('faces it is planed on', atLeast: 1, atMost: 2)] public int $faces = 1,
        #[Field('how much single shavings differ, as a standard deviation, mm', atLeast: 0)]
        public float $spreadMm = 0.0,
        #[Field('what the size was measured to, mm', atLeast: 0)] public float $measureMm = 0.0,
        #[Field('error the work can bear, mm', atLeast: 0)] public ?float $toleranceMm = null,
        #[Field('width of the edge or face, mm', above: 0)] public ?float $widthMm = null,
        #[Field('width of a shaving, mm', above: 0)] public ?float $shavingWidthMm = null,
    ) {
        if (($shavingMm === null) === ($pack === null)) {
            throw InvalidInput::because('shavingMm', 'give either the thickness of one shaving or a pack of them');
        }
        if ($fromMm < $toMm) {
            throw InvalidInput::because('fromMm', "must be $toMm mm or more: planing only takes off");
        }
    }

    public function eachMm(): float
    {
        return $this->pack?->eachMm() ?? (float) $this->shavingMm;
    }
}
