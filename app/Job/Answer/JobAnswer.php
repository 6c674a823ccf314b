<?php

declare(strict_types=1);

namespace App\Job\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use App\Photo\Answer\PhotoAnswer;
use JackRest\Core\Calculation\Field;

/** A work that is being made, or was. */
final readonly class JobAnswer extends Answer
{
    /**
     * @param  list<JobKindAnswer>  $kinds
     * @param  list<JobRowAnswer>  $rows
     * @param  list<string>  $lines
     * @param  list<JobPhaseAnswer>  $phases
     * @param  list<JobRestAnswer>  $rests
     * @param  list<PhotoAnswer>  $photos
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('the work\'s number')] public int $work,
        #[Field('what is made')] public string $name,
        #[Field('how many, and how many together, ready to be read')] public string $says,
        #[Field('what is done', of: JobKindAnswer::class)] public array $kinds,
        #[Field('step by step', of: JobRowAnswer::class)] public array $rows,
        #[Field('what else is to be said, ready to be read', of: 'string')] public array $lines,
        #[Field('planned beside real', of: JobPhaseAnswer::class)] public array $phases,
        #[Field('how much of it is done, percent')] public float $donePct,
        #[Field('whether it is finished')] public bool $isMade,
        #[Field('whether nothing of it can be done now')] public bool $isHeld,
        #[Field('until when all that is left rests, ISO 8601; null: it does not')] public ?string $restsUntil,
        #[Field('what of it waits, the soonest first', of: JobRestAnswer::class)] public array $rests,
        #[Field('its photographs', of: PhotoAnswer::class)] public array $photos,
        #[Field('the session that is open on it; null: none')] public ?int $running,
        #[Field('the widest gap that was found, as it would be typed')] public string $gap,
        #[Field('what was written down when it was made')] public string $found,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('what to beware of')] public string $caution,
    ) {
    }
}
