<?php

declare(strict_types=1);

namespace App\Job\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One line of a job's plan. */
final readonly class JobRowAnswer extends Answer
{
    public function __construct(
        #[Field('what is done, by its place in the list of what is done')] public int $kind,
        #[Field('the batch it is done to, from 1')] public int $batch,
        #[Field('to how many, ready to be read')] public string $to,
        #[Field('how many that are')] public int $units,
        #[Field('how many are done')] public int $done,
        #[Field('planned, minutes')] public float $minutes,
        #[Field('what it took so far, minutes; null: nothing was timed')] public ?float $took,
        #[Field('the day it comes to by the plan, ready to be read; null: it is done')] public ?string $day,
        #[Field('whether the tool has to be set for it')] public bool $isSet,
        #[
            Field('how it stands', among: ['done', 'begun', 'next', 'later', 'rests']),
        ]
        public string $state,
    ) {
    }
}
