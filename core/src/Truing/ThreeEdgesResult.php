<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;

final readonly class ThreeEdgesResult
{
    public function __construct(
        #[Field('the first edge')] public EdgeFound $a,
        #[Field('the second edge')] public EdgeFound $b,
        #[Field('the third edge')] public EdgeFound $c,
        #[
            Field('how far the readings contradict each other at worst, mm', atLeast: 0),
        ]
        public ?float $inconsistencyMm = null,
    ) {
    }
}
