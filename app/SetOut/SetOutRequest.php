<?php

declare(strict_types=1);

namespace App\SetOut;

use App\Http\TypedFormRequest;

/** A question of setting out as far as it was typed; for a work where one is named. */
class SetOutRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::figures('typed'),
            'choices' => ['present', 'array'],
            'choices.*' => ['nullable', 'string', 'max:60'],
            'work' => ['nullable', 'integer', 'min:1'],
        ];
    }

    /** @return array<string, string> */
    public function typed(): array
    {
        return $this->typedUnder('typed');
    }

    /** @return array<string, string> what was chosen; nothing of what was left to the work */
    public function choices(): array
    {
        return array_filter($this->typedUnder('choices'), static fn (string $chosen): bool => $chosen !== '');
    }

    public function work(): ?int
    {
        $work = $this->integer('work');

        return $work > 0 ? $work : null;
    }
}
