<?php

declare(strict_types=1);

namespace App\Edge;

use Illuminate\Foundation\Http\FormRequest;

/** How much of an edge's own diary is wanted. */
final class LogRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['count' => ['sometimes', 'integer', 'between:1,5000'], 'entry' => ['sometimes', 'integer', 'min:1']];
    }

    public function count(): int
    {
        return $this->has('count') ? $this->integer('count') : LogResource::LATEST;
    }

    /** An entry of the bench's diary that is to be corrected. */
    public function entry(): ?int
    {
        return $this->has('entry') ? $this->integer('entry') : null;
    }
}
