<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

final readonly class NickResult
{
    public function __construct(
        #[Field('width of the secondary bevel after honing it out, mm')] public float $microWidthMm,
        #[Field('steel to be honed away, mm³')] public float $honeVolumeMm3,
        #[Field('steel to be ground away, mm³')] public float $grindVolumeMm3,
        #[Field('which way to go')] public NickRoute $route,
    ) {
    }
}
