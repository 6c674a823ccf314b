<?php

declare(strict_types=1);

namespace App\Eye;

use App\Ledger\VersionedRequest;

/** What was answered to the case that is shown. */
final class EyeChoiceRequest extends VersionedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'choice' => ['required', 'string', 'max:20']];
    }

    public function choice(): string
    {
        return $this->string('choice')->toString();
    }
}
