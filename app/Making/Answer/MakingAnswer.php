<?php

declare(strict_types=1);

namespace App\Making\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;

/** What is being made by a plan. */
final readonly class MakingAnswer extends Answer
{
    /**
     * @param  array<string, string>  $figures
     * @param  list<MakingStepAnswer>  $steps
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('what it is called')] public string $name,
        #[Field('the plan')] public string $plan,
        #[Field('what is read beside it')] public string $label,
        #[Field('the figures, by name', of: 'string', keyed: true)] public array $figures,
        #[Field('step by step', of: MakingStepAnswer::class)] public array $steps,
        #[Field('how many steps are done')] public int $done,
        #[Field('until when it rests, ISO 8601; null: nothing waits')] public ?string $waitsUntil,
        #[Field('what it rests for')] public string $waitsFor,
        #[Field('whether it is finished')] public bool $isMade,
        #[Field('the session that is open on it; null: none')] public ?int $running,
        #[Field('the reference that it became; null: none')] public ?int $reference,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('what to beware of')] public string $caution,
    ) {
    }
}
