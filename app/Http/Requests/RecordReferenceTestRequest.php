<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A reference's test to be written down, and whether what it asks for was taken off after it. */
final class RecordReferenceTestRequest extends ReferenceSheetRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'version' => ['required', 'integer', 'min:1'], 'planed' => ['required', 'boolean']];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    public function wasPlaned(): bool
    {
        return $this->boolean('planed');
    }
}
