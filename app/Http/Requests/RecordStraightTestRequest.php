<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A straightedge's test to be written down, and whether the strokes were planed off after it. */
final class RecordStraightTestRequest extends StraightSheetRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'version' => ['required', 'integer', 'min:1'], 'planed' => ['sometimes', 'boolean']];
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
