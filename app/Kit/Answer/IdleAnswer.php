<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;

/** What is used and what is not. */
final readonly class IdleAnswer extends Answer
{
    /**
     * @param  list<IdleToolAnswer>  $tools
     * @param  list<NotHereAnswer>  $lent
     * @param  list<NotHereAnswer>  $away
     * @param  list<BoughtForAnswer>  $purchases
     * @param  list<WordAnswer>  $works
     */
    public function __construct(
        #[Field('tool by tool', of: IdleToolAnswer::class)] public array $tools,
        #[Field('the set that is worth most')] public RedundantSetAnswer $byWorth,
        #[Field('the set of most tools')] public RedundantSetAnswer $byNumber,
        #[Field('what is lent', of: NotHereAnswer::class)] public array $lent,
        #[Field('what is put away', of: NotHereAnswer::class)] public array $away,
        #[Field('what was bought and for what', of: BoughtForAnswer::class)] public array $purchases,
        #[Field('what the kit is for', of: WordAnswer::class)] public array $works,
        #[Field('what to do next')] public NextAnswer $next,
    ) {
    }
}
