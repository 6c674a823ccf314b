<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Diary\Answer\DiaryEntryAnswer;
use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** An edge on its own page. */
final readonly class EdgePageAnswer extends Answer
{
    /**
     * @param  list<ConditionAnswer>  $conditions
     * @param  list<DiaryEntryAnswer>  $diary
     */
    public function __construct(
        #[Field('the edge')] public EdgeAnswer $edge,
        #[Field('how an edge can be', of: ConditionAnswer::class)] public array $conditions,
        #[Field('its thickness, as it would be typed')] public string $thicknessTyped,
        #[Field('how deep its nick is, as it would be typed; empty: not known')] public string $nickTyped,
        #[Field('the session that is open on it; null: none')] public ?int $running,
        #[Field('what was done to it, the newest first', of: DiaryEntryAnswer::class)] public array $diary,
    ) {
    }
}
