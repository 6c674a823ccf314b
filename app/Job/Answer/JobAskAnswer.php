<?php

declare(strict_types=1);

namespace App\Job\Answer;

use App\Http\Answer;
use App\Http\Answer\FieldAnswer;
use JackRest\Core\Calculation\Field;

/** What is asked before a work is made, and the jobs there are of it. */
final readonly class JobAskAnswer extends Answer
{
    /**
     * @param  list<FieldAnswer>  $fields
     * @param  list<JobLineAnswer>  $jobs
     */
    public function __construct(
        #[Field('the work\'s number')] public int $work,
        #[Field('what it is called')] public string $name,
        #[Field('the figures that are asked', of: FieldAnswer::class)] public array $fields,
        #[Field('its jobs, the newest first', of: JobLineAnswer::class)] public array $jobs,
    ) {
    }
}
