<?php

declare(strict_types=1);

namespace App\Diary;

use Illuminate\Foundation\Http\FormRequest;

final class DiaryRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['q' => ['sometimes', 'nullable', 'string', 'max:200'], 'before' => ['sometimes', 'integer', 'min:1']];
    }

    /** @return list<string> */
    public function words(): array
    {
        return array_values(
            array_filter(
                explode(' ', $this->string('q')->trim()->toString()),
                static fn (string $word): bool => $word !== '',
            ),
        );
    }

    public function before(): ?int
    {
        return $this->has('before') ? $this->integer('before') : null;
    }
}
