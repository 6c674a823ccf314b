<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut;

use JackRest\Core\Calculation\Field;

/** One of several ways side by side. */
final readonly class SetOutRow
{
    public function __construct(
        #[Field('what it is')] public string $name,
        #[Field('in a few words')] public string $verdict,
        #[Field('in numbers')] public string $says,
        #[Field('whether it is the one that is set out')] public bool $isTaken,
        #[Field('how it looks')] public ?SetOutSketch $sketch = null,
    ) {
    }
}
