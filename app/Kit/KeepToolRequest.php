<?php

declare(strict_types=1);

namespace App\Kit;

use App\Ledger\VersionedRequest;

final class KeepToolRequest extends VersionedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'kept' => ['required', 'boolean']];
    }
}
