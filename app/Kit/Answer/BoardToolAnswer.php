<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use App\Tool\ToolStatus;
use JackRest\Core\Calculation\Field;

/** A tool as it hangs on the board. */
final readonly class BoardToolAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('what it is called')] public string $name,
        #[Field('whether it is there')] public ToolStatus $status,
        #[Field('which of the board\'s shapes it has, from 0')] public int $shape,
        #[Field('whether it stands idle')] public bool $isIdle,
        #[Field('to whom it is lent; left out: to nobody')] public ?string $lentTo = null,
    ) {
    }
}
