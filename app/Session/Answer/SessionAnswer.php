<?php

declare(strict_types=1);

namespace App\Session\Answer;

use App\Http\Answer;
use App\Http\Answer\AboutAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Session\SessionKind;

/** A session in bench mode. */
final readonly class SessionAnswer extends Answer
{
    /**
     * @param  list<SessionStepAnswer>  $steps
     * @param  list<int>  $counted
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('which kind it is')] public SessionKind $kind,
        #[Field('its heading')] public string $title,
        #[Field('the record it is about; null: several')] public ?AboutAnswer $about,
        #[Field('how it stands', among: ['running', 'finished', 'stopped'])] public string $state,
        #[Field('what is being done at this step', among: ['fetch', 'stroke', 'check'])] public string $phase,
        #[Field('the step that is next, from 0')] public int $atStep,
        #[Field('step by step', of: SessionStepAnswer::class)] public array $steps,
        #[Field('strokes counted at each step', of: 'integer')] public array $counted,
        #[Field('the user\'s own pace, seconds')] public float $secondsPerStroke,
        #[Field('what to beware of')] public string $caution,
    ) {
    }
}
