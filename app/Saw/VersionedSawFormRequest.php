<?php

declare(strict_types=1);

namespace App\Saw;

/** A saw's readings to be kept, with the version of the tool that the user was looking at. */
final class VersionedSawFormRequest extends SawFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...parent::rules(), 'version' => ['required', 'integer', 'min:1']];
    }

    public function version(): int
    {
        return $this->integer('version');
    }
}
