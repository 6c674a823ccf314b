<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Field;

final readonly class SkippedStone
{
    public function __construct(
        #[Field('a stone the plan leaves out')] public string $id,
        #[Field('what forcing it in would add, seconds; null where no path can hold it')] public ?float $extraSeconds,
    ) {
    }
}
