<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Foundation\Http\FormRequest;

/** Figures as they were typed, by name. */
abstract class TypedFormRequest extends FormRequest
{
    /** @return array<string, string> what was typed under a field, by name */
    protected function typedUnder(string $field): array
    {
        $typed = [];
        foreach ((array) $this->input($field) as $name => $text) {
            $typed[(string) $name] = is_string($text) ? $text : '';
        }

        return $typed;
    }

    /** @return array<string, list<mixed>> */
    protected static function figures(string $field): array
    {
        return [$field => ['present', 'array'], "$field.*" => ['nullable', 'string', 'max:60']];
    }
}
