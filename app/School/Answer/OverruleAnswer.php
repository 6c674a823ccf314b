<?php

declare(strict_types=1);

namespace App\School\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What the user says in spite of the school. */
final readonly class OverruleAnswer extends Answer
{
    public function __construct(
        #[Field('which kind it is')] public string $kind,
        #[Field('what it is called')] public string $name,
        #[Field('what the user says of it in spite of the school; null: nothing')] public string $overrule,
        #[Field('what is read beside it')] public string $label,
    ) {
    }
}
