<?php

declare(strict_types=1);

namespace App\Work\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Timber\Hardness;

/** A work on its own page. */
final readonly class WorkPageAnswer extends Answer
{
    /**
     * @param  array<string, string>  $typed
     * @param  array<string, float>  $measuresMm
     * @param  list<WorkStepAnswer>  $steps
     * @param  list<TaskAnswer>  $tasks
     */
    public function __construct(
        #[Field('what is to be done')] public WorkAnswer $work,
        #[Field('ready to be read')] public string $says,
        #[Field('what it began with; null: of the user\'s own')] public ?PatternAnswer $pattern,
        #[Field('how hard its wood is')] public Hardness $hardness,
        #[Field('how much it counts')] public float $weight,
        #[Field('as it would be typed', of: 'string', keyed: true)] public array $typed,
        #[Field('its measures, by name, mm', of: 'number', keyed: true)] public array $measuresMm,
        #[Field('step by step', of: WorkStepAnswer::class)] public array $steps,
        #[Field('what it asks for', of: TaskAnswer::class)] public array $tasks,
        #[Field('what it comes to, in one sentence')] public string $sentence,
        #[Field('how long it takes')] public string $minutes,
    ) {
    }
}
