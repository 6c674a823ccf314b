<?php

declare(strict_types=1);

namespace App\Edge;

/** An edge's sheet to be written down, with the version of the edge that the user was looking at. */
final class VersionedEdgeFormRequest extends EdgeFormRequest
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
