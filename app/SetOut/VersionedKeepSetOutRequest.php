<?php

declare(strict_types=1);

namespace App\SetOut;

/** The same, with the version of it that the user was looking at. */
final class VersionedKeepSetOutRequest extends KeepSetOutRequest
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
