<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class KeepToolRequest extends SeenRecordRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'kept' => ['required', 'boolean']];
    }
}
