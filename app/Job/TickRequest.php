<?php

declare(strict_types=1);

namespace App\Job;

use App\Ledger\VersionedRequest;

/** A step of a job that was done away from bench mode. */
final class TickRequest extends VersionedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'step' => ['required', 'integer', 'min:0', 'max:100000']];
    }

    public function step(): int
    {
        return $this->integer('step');
    }
}
