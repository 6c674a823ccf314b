<?php

declare(strict_types=1);

namespace App\Instrument;

use Illuminate\Foundation\Http\FormRequest;

/** Where along the reference the instrument stands. */
final class InstrumentRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['at' => ['required', 'numeric', 'min:0', 'max:100000']];
    }

    public function atMm(): float
    {
        return $this->float('at');
    }
}
