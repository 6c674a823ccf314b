<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Field;

final readonly class ThicknessStagesResult
{
    /** @param  list<ThicknessStage>  $stages */
    public function __construct(
        #[Field('the stages, in their order', of: ThicknessStage::class)] public array $stages,
        #[Field('days from the first stage to the last')] public float $days,
        #[Field('moisture it has still to lose or take up, per cent')] public float $leftToMovePct,
    ) {
    }
}
