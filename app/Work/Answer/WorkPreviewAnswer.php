<?php

declare(strict_types=1);

namespace App\Work\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Form\Reading;

/** A work as far as it has been typed. */
final readonly class WorkPreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $figures
     * @param  list<StepFiguresAnswer>  $stepFigures
     * @param  array<string, float>  $measuresMm
     * @param  array<string, string>  $labels
     * @param  list<TaskAnswer>  $tasks
     */
    public function __construct(
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
        #[Field('the figures of each step, by name', of: StepFiguresAnswer::class)] public array $stepFigures,
        #[Field('its measures, by name, mm', of: 'number', keyed: true)] public array $measuresMm,
        #[Field('the same ready to be read', of: 'string', keyed: true)] public array $labels,
        #[Field('which form it has')] public string $form,
        #[Field('what it asks for', of: TaskAnswer::class)] public array $tasks,
        #[Field('what it comes to, in one sentence')] public string $sentence,
        #[Field('whether it can be recorded as it is')] public bool $sound,
    ) {
    }
}
