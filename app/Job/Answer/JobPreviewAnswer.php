<?php

declare(strict_types=1);

namespace App\Job\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Form\Reading;

/** The plan of a job that is not begun; nothing is written. */
final readonly class JobPreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $figures
     * @param  list<JobKindAnswer>  $kinds
     * @param  list<JobRowAnswer>  $rows
     * @param  list<string>  $lines
     */
    public function __construct(
        #[Field('how each figure was understood', of: Reading::class, keyed: true)] public array $figures,
        #[Field('what is done', of: JobKindAnswer::class)] public array $kinds,
        #[Field('step by step', of: JobRowAnswer::class)] public array $rows,
        #[Field('what else is to be said, ready to be read', of: 'string')] public array $lines,
        #[Field('what to do next')] public NextAnswer $next,
    ) {
    }
}
