<?php

declare(strict_types=1);

namespace App\Kit;

use App\Ledger\VersionedRequest;
use Illuminate\Support\Carbon;

/** To whom a tool goes, since when, and when to ask for it. */
final class LendRequest extends VersionedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $today = Carbon::now()->toDateString();

        return [
            ...parent::rules(),
            'to' => ['required', 'string', 'max:60'],
            'on' => ['bail', 'required', 'string', 'date_format:Y-m-d', "before_or_equal:$today"],
            'askOn' => ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'after_or_equal:on'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'to.*' => 'To whom? One word will do.',
            'on.before_or_equal' => 'That day is still to come.',
            'on.*' => 'On which day did it go out?',
            'askOn.*' => 'Ask for it on the day it went out or later.',
        ];
    }

    /** @return array<string, string|null> columns */
    public function values(): array
    {
        $ask = $this->string('askOn')->toString();

        return [
            'lent_to' => trim($this->string('to')->toString()),
            'lent_on' => $this->string('on')->toString(),
            'ask_on' => $ask === '' ? null : $ask,
        ];
    }
}
