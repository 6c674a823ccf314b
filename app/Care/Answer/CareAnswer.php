<?php

declare(strict_types=1);

namespace App\Care\Answer;

use App\Http\Answer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;

/** What the tools ask for over the year. */
final readonly class CareAnswer extends Answer
{
    /**
     * @param  list<CareRoundAnswer>  $rounds
     * @param  list<WordAnswer>  $damps
     * @param  list<StockAnswer>  $stocks
     * @param  list<ConsumableKindAnswer>  $kinds
     */
    public function __construct(
        #[Field('round by round', of: CareRoundAnswer::class)] public array $rounds,
        #[Field('how damp the shed is')] public string $damp,
        #[Field('the same by the recorded air; null: not enough is recorded')] public ?string $dampByLog,
        #[Field('how damp a shed can be', of: WordAnswer::class)] public array $damps,
        #[Field('what is used up', of: StockAnswer::class)] public array $stocks,
        #[Field('which kinds there are', of: ConsumableKindAnswer::class)] public array $kinds,
    ) {
    }
}
