<?php

declare(strict_types=1);

namespace App\Reference;

/** A reference's test to be written down, and whether what it asks for was taken off after it. */
final class RecordTestRequest extends TestRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'version' => ['required', 'integer', 'min:1'],
            // A session at the bench counts it instead.
            'planed' => ['sometimes', 'boolean'],
        ];
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
