<?php

declare(strict_types=1);

namespace App\People\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A device that somebody is signed in on. */
final readonly class DeviceAnswer extends Answer
{
    public function __construct(
        #[Field('its number')] public int $id,
        #[Field('what it is')] public string $device,
        #[Field('when it was last here, ready to be read')] public string $seen,
        #[Field('what it is kept to; empty: nothing')] public string $only,
        #[Field('whether it is the one that asks')] public bool $isThis,
    ) {
    }
}
