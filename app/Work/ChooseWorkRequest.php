<?php

declare(strict_types=1);

namespace App\Work;

use App\Ledger\VersionedRequest;

/** Whether a work counts in the plan. */
final class ChooseWorkRequest extends VersionedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'chosen' => ['required', 'boolean']];
    }
}
