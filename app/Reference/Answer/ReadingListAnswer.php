<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Reference\ReadingList;

/** Readings that come in a list. */
final readonly class ReadingListAnswer extends Answer
{
    /**
     * @param  list<string>  $begins
     */
    public function __construct(
        #[Field('its name within the program')] public string $id,
        #[Field('what is read beside it')] public string $label,
        #[Field('what stands above the list')] public string $heading,
        #[Field('the places it begins with', of: 'string')] public array $begins,
        #[Field('how much one step adds')] public ?float $step,
        #[Field('how many at most')] public int $most,
    ) {
    }

    public static function of(ReadingList $list): self
    {
        return new self($list->id, $list->label, $list->heading, $list->begins, $list->step, $list->most);
    }
}
