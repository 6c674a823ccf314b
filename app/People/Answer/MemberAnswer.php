<?php

declare(strict_types=1);

namespace App\People\Answer;

use App\Http\Answer;
use App\People\Role;
use JackRest\Core\Calculation\Field;

/** Somebody at the bench. */
final readonly class MemberAnswer extends Answer
{
    public function __construct(
        #[Field('the number of their place')] public int $id,
        #[Field('what they are called')] public string $name,
        #[Field('what they may do')] public Role $role,
        #[Field('the same, ready to be read')] public string $says,
        #[Field('whether it is who asks')] public bool $isYou,
    ) {
    }
}
