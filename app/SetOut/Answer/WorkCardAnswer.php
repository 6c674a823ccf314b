<?php

declare(strict_types=1);

namespace App\SetOut\Answer;

use App\Http\Answer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\SetOut\CardRow;

/** Everything set out for a work, and the card of its settings. */
final readonly class WorkCardAnswer extends Answer
{
    /**
     * @param  list<KeptSetOutAnswer>  $kept
     * @param  list<WordAnswer>  $asks
     * @param  list<CardRow>  $rows
     */
    public function __construct(
        #[Field('which work')] public int $work,
        #[Field('what it is called')] public string $name,
        #[Field('what was set out for it', of: KeptSetOutAnswer::class)] public array $kept,
        #[Field('what it asks and is not set out yet', of: WordAnswer::class)] public array $asks,
        #[Field('all settings in the order of work', of: CardRow::class)] public array $rows,
        #[Field('how often the gauges are set; null: never')] public ?string $gauges,
    ) {
    }
}
