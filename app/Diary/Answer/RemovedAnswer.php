<?php

declare(strict_types=1);

namespace App\Diary\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What was removed and what is lost with it. */
final readonly class RemovedAnswer extends Answer
{
    /**
     * @param  list<string>  $loses
     */
    public function __construct(
        #[Field('the entry that was written')] public DiaryEntryAnswer $entry,
        #[Field('what is lost with it', of: 'string')] public array $loses,
    ) {
    }
}
