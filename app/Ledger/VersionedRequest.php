<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Foundation\Http\FormRequest;

/** A change to a record, with the version of it that the user was looking at. */
class VersionedRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer', 'min:1']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['version.*' => 'Reload the page: it does not say which state it shows.'];
    }

    public function version(): int
    {
        return $this->integer('version');
    }
}
