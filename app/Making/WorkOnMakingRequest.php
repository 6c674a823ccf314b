<?php

declare(strict_types=1);

namespace App\Making;

use App\Ledger\VersionedRequest;

/** To go on with what is being made; before its wait is over only if that is said. */
final class WorkOnMakingRequest extends VersionedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'early' => ['required', 'boolean']];
    }

    public function isEarly(): bool
    {
        return $this->boolean('early');
    }
}
