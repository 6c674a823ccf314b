<?php

declare(strict_types=1);

namespace App\SetOut;

/** The same in an address, where what is empty is left out. */
final class SetOutTemplateRequest extends SetOutRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'typed' => ['sometimes', 'array'],
            'choices' => ['sometimes', 'array'],
        ];
    }
}
