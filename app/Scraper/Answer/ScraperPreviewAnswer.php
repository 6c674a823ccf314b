<?php

declare(strict_types=1);

namespace App\Scraper\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use App\Saw\Answer\FilingStepAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;

/** A scraper as far as it has been typed. */
final readonly class ScraperPreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $figures
     * @param  list<FilingStepAnswer>  $steps
     * @param  list<Explanation>  $how
     */
    public function __construct(
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
        #[Field('what it is drawn by')] public ?DrawnBurrAnswer $drawn,
        #[Field('step by step', of: FilingStepAnswer::class)] public array $steps,
        #[Field('how long it lasts')] public string $lasts,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('whether it can be recorded as it is')] public bool $sound,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
    ) {
    }
}
