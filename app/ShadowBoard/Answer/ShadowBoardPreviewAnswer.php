<?php

declare(strict_types=1);

namespace App\ShadowBoard\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Form\Reading;

/** A shadow board as far as it has been typed. */
final readonly class ShadowBoardPreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $figures
     * @param  list<HungToolAnswer>  $hung
     * @param  list<LeftToolAnswer>  $left
     * @param  list<PrintedTileAnswer>  $sheets
     */
    public function __construct(
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
        #[Field('the panel itself; null: not yet')] public ?PanelAnswer $panel,
        #[Field('what hangs on it', of: HungToolAnswer::class)] public array $hung,
        #[Field('what found no room', of: LeftToolAnswer::class)] public array $left,
        #[Field('what can be printed', of: PrintedTileAnswer::class)] public array $sheets,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('whether it can be recorded as it is')] public bool $sound,
    ) {
    }
}
