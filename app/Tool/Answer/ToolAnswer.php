<?php

declare(strict_types=1);

namespace App\Tool\Answer;

use App\Http\Answer;
use App\Http\Answer\ToolOutlineAnswer;
use App\Tool\ToolStatus;
use JackRest\Core\Calculation\Field;

/** A tool. */
final readonly class ToolAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('which kind it is')] public string $kind,
        #[Field('what it is called')] public string $name,
        #[Field('ready to be read')] public string $says,
        #[Field('which group it belongs to')] public string $group,
        #[Field('whether it is there')] public ToolStatus $status,
        #[Field('its outline')] public ToolOutlineAnswer $outline,
        #[Field('what it costs; null: not told')] public ?float $price,
        #[Field('whether it stands idle')] public bool $isIdle,
        #[Field('to whom it is lent; null: to nobody')] public ?string $lentTo,
        #[Field('since when it is put away, ISO 8601; null: it is not')] public ?string $awayOn,
    ) {
    }
}
