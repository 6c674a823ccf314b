<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut;

use JackRest\Core\Calculation\Field;

/** One line of the settings card. */
final readonly class CardRow
{
    public function __construct(
        #[Field('what is set out')] public string $of,
        #[Field('which tool, and which of several gauges')] public string $tool,
        #[Field('what for')] public string $for,
        #[Field('what it is set to')] public string $to,
        #[Field('whether it has to be set for it; else it is still set')] public bool $isSet,
    ) {
    }
}
