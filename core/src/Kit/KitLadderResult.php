<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\Field;

final readonly class KitLadderResult
{
    /** @param  list<LadderRung>  $rungs */
    public function __construct(
        #[Field('the steps, first to last', of: LadderRung::class)] public array $rungs,
        #[Field('what the whole plan costs')] public float $total,
    ) {
    }
}
