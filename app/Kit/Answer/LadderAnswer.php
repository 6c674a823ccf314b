<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Explanation;

/** What to get, in order. */
final readonly class LadderAnswer extends Answer
{
    /**
     * @param  list<RungAnswer>  $rungs
     * @param  list<string>  $locked
     * @param  list<Explanation>  $how
     */
    public function __construct(
        #[Field('rung by rung', of: RungAnswer::class)] public array $rungs,
        #[Field('how many tools it takes in all')] public int $tools,
        #[Field('how many works it leads to')] public int $works,
        #[Field('what it all costs')] public float $total,
        #[Field('the same, ready to be read')] public string $totalText,
        #[Field('what the kit costs to run, ready to be read')] public string $running,
        #[Field('how far it is proven')] public string $proof,
        #[Field('what can be spent in a month; null: not told')] public ?float $perMonth,
        #[Field('what can be spent; null: not told')] public ?float $budget,
        #[Field('how well everything has to be done, 1 to 4; null: not told')] public ?int $floor,
        #[Field('which state of the settings this is')] public int $settingsVersion,
        #[Field('what stays locked', of: 'string')] public array $locked,
        #[Field('what cannot be done; null: nothing')] public ?string $impossible,
        #[Field('what the budget does not reach for, and how it could; null: nothing')] public ?string $outOfReach,
        #[Field('the rung that the budget does not reach for; null: it reaches for all')] public ?RungAnswer $beyond,
        #[Field('what the budget buys of that; null: nothing')] public ?RungAnswer $meanwhile,
        #[Field('what starting small costs more in the end; null: not to be told')] public ?string $startingSmall,
        #[Field('ready to be read')] public string $says,
        #[Field('why it is so')] public string $why,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
    ) {
    }
}
