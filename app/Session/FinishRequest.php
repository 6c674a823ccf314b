<?php

declare(strict_types=1);

namespace App\Session;

use App\Ledger\VersionedRequest;

final class FinishRequest extends VersionedRequest
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
