<?php

declare(strict_types=1);

namespace App\Saw\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;

/** A saw as far as it has been typed. */
final readonly class SawPreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $figures
     * @param  list<SawLineAnswer>  $lines
     * @param  list<string>  $effects
     * @param  list<FilingStepAnswer>  $steps
     * @param  list<Explanation>  $how
     */
    public function __construct(
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
        #[Field('the sheet that is printed; null: none')] public ?string $template,
        #[Field('what it is drawn by')] public ?DrawnTeethAnswer $drawn,
        #[Field('line by line, ready to be read', of: SawLineAnswer::class)] public array $lines,
        #[Field('what another filing would change', of: 'string')] public array $effects,
        #[Field('what is proposed; null: nothing')] public ?SawSuggestionAnswer $suggestion,
        #[Field('step by step', of: FilingStepAnswer::class)] public array $steps,
        #[Field('what it is worth')] public ?string $worth,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('whether it can be recorded as it is')] public bool $sound,
        #[Field('whether it can be filed now')] public bool $canFile,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
    ) {
    }
}
