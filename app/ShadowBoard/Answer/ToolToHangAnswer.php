<?php

declare(strict_types=1);

namespace App\ShadowBoard\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A tool that can hang on it. */
final readonly class ToolToHangAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('what it is called')] public string $name,
        #[Field('which group it belongs to')] public string $group,
        #[Field('whether it usually hangs on a shadow board')] public bool $isUsual,
    ) {
    }
}
