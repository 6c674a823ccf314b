<?php

declare(strict_types=1);

namespace App\Diary\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A page of the diary. */
final readonly class DiaryAnswer extends Answer
{
    /**
     * @param  list<DiaryEntryAnswer>  $entries
     */
    public function __construct(
        #[Field('the newest first', of: DiaryEntryAnswer::class)] public array $entries,
        #[Field('whether older ones are left')] public bool $more,
    ) {
    }
}
