<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Support\Carbon;

/** A reversal test to be written down, and whether the shavings were planed off after it. */
final class RecordSquareTestRequest extends SquareSheetRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'version' => ['required', 'integer', 'min:1'],
            // Whether what the test asks for has been taken off; a session counts it instead.
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

    public function testedAt(): string
    {
        return Carbon::now()->toIso8601ZuluString();
    }
}
