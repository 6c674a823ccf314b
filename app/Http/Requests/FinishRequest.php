<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class FinishRequest extends SeenRecordRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'outcome' => ['required', 'in:done,stopped']];
    }

    public function isDone(): bool
    {
        return $this->string('outcome')->toString() === 'done';
    }
}
