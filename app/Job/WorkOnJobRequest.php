<?php

declare(strict_types=1);

namespace App\Job;

use App\Ledger\VersionedRequest;

/** To go on with a job at the bench; before a rest is over only if that is said. */
final class WorkOnJobRequest extends VersionedRequest
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
