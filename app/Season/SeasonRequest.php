<?php

declare(strict_types=1);

namespace App\Season;

use Illuminate\Foundation\Http\FormRequest;

/** How thick the piece is whose course through the season is drawn. */
final class SeasonRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['thickness' => ['sometimes', 'nullable', 'string', 'max:60']];
    }

    public function thickness(): string
    {
        return $this->string('thickness')->toString();
    }
}
