<?php

declare(strict_types=1);

namespace JackRest\Core\Timber;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

/** How moist a piece is: by its moisture content, or by the air it has come to rest in. */
final readonly class WoodState
{
    /** @throws InvalidInput unless it is either the one or the other */
    public function __construct(
        #[Field('moisture content, per cent of the dry weight', atLeast: 0, atMost: 30)] public ?float $mcPct = null,
        #[Field('temperature of the air, °C', atLeast: -20, atMost: 60)] public ?float $tempC = null,
        #[Field('relative humidity of the air, per cent', atLeast: 0, atMost: 100)] public ?float $rhPct = null,
    ) {
        $hasAir = $tempC !== null && $rhPct !== null;
        if (($mcPct === null) !== $hasAir || ($tempC === null) !== ($rhPct === null)) {
            throw InvalidInput::because(
                'mcPct',
                'give either the moisture content, or temperature and relative humidity together',
            );
        }
    }

    public function pct(): float
    {
        return $this->mcPct ?? EquilibriumMoisture::pct((float) $this->tempC, (float) $this->rhPct);
    }
}
