<?php

declare(strict_types=1);

namespace App\Job;

use App\Http\TypedFormRequest;
use JackRest\Desk\Job\JobForm;

/** How many, how many together, from what wood, with how many hours a week. */
final class JobRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::figures('figures'),
            'wood' => ['required', 'in:'.JobForm::ROUGH.','.JobForm::PLANED],
            'hones' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function typed(): array
    {
        return $this->typedUnder('figures');
    }

    public function wood(): string
    {
        return $this->string('wood')->toString();
    }

    public function hones(): bool
    {
        return $this->boolean('hones');
    }
}
