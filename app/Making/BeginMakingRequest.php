<?php

declare(strict_types=1);

namespace App\Making;

/** A plan to be made, and what it is to be called. */
final class BeginMakingRequest extends PlanRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'name' => ['present', 'nullable', 'string', 'max:60']];
    }

    public function title(): string
    {
        return trim($this->string('name')->toString());
    }
}
