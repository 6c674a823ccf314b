<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Whether a work counts in the plan. */
final class ChooseWorkRequest extends SeenRecordRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'chosen' => ['required', 'boolean']];
    }
}
