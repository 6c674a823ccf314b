<?php

declare(strict_types=1);

namespace App\Job\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Job\JobPart;

/** What is done in a step, the same in every batch. */
final readonly class JobKindAnswer extends Answer
{
    public function __construct(
        #[Field('its heading')] public string $title,
        #[Field('the phase of the work it belongs to, ready to be read')] public string $phase,
        #[Field('with which tools')] public string $tools,
        #[Field('what is set to what; empty: nothing is')] public string $setting,
        #[Field('how it is done')] public string $says,
        #[Field('how to know that it is done')] public string $check,
        #[Field('what it is counted by')] public JobPart $part,
        #[Field('whether there is no way to do it yet')] public bool $lacks,
        #[Field('the edge that is honed; null: none is')] public ?int $hone,
    ) {
    }
}
