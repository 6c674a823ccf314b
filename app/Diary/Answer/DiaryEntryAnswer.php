<?php

declare(strict_types=1);

namespace App\Diary\Answer;

use App\Http\Answer;
use App\Http\Answer\AboutAnswer;
use JackRest\Core\Calculation\Field;

/** One line of the diary. */
final readonly class DiaryEntryAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('when it was written, ISO 8601')] public string $writtenAt,
        #[Field('the day it happened, ISO 8601')] public string $happenedOn,
        #[Field('which kind it is')] public string $kind,
        #[Field('what it is about, by name')] public string $subject,
        #[Field('what it comes to, in one sentence')] public string $sentence,
        #[Field('where it belongs; null: that is no more, or has no page')] public ?AboutAnswer $about,
        #[Field('whether it was taken back')] public bool $undone,
        #[Field('whether it can be taken back')] public bool $undoable,
        #[Field('whether it can be typed again, the old one kept')] public bool $correctable,
        #[Field('who wrote it; empty: the one user of this machine')] public string $by,
    ) {
    }
}
