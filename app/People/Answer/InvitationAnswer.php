<?php

declare(strict_types=1);

namespace App\People\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** An invitation that nobody has taken yet. */
final readonly class InvitationAnswer extends Answer
{
    public function __construct(
        #[Field('its number')] public int $id,
        #[Field('what they may do')] public string $role,
        #[Field('until when, ready to be read')] public string $until,
    ) {
    }
}
