<?php

declare(strict_types=1);

namespace App\Home\Answer;

use App\Diary\Answer\DiaryEntryAnswer;
use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** The bench today. */
final readonly class BenchAnswer extends Answer
{
    /**
     * @param  list<ChoreAnswer>  $chores
     * @param  list<UpkeepAnswer>  $upkeep
     * @param  list<DiaryEntryAnswer>  $latest
     */
    public function __construct(
        #[Field('the work that is next; null: none is chosen')] public ?WorkPieceAnswer $work,
        #[Field('whether work can begin')] public bool $ready,
        #[Field('what it comes to, in one sentence')] public string $sentence,
        #[Field('why that comes first')] public string $why,
        #[Field('how long it takes')] public int $minutes,
        #[Field('what is to be done before', of: ChoreAnswer::class)] public array $chores,
        #[Field('what is to be done when there is a minute', of: UpkeepAnswer::class)] public array $upkeep,
        #[Field('what was done last', of: DiaryEntryAnswer::class)] public array $latest,
    ) {
    }
}
