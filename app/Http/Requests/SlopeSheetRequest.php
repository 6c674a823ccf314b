<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Truing\SlopeSheet;

/** A slope template as far as it was measured. */
final class SlopeSheetRequest extends FormRequest
{
    private const FIELDS = ['nominal', 'run', 'rise', 'turned', 'thickness', 'joints', 'tolerance'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return array_fill_keys(self::FIELDS, ['present', 'nullable', 'string', 'max:60']);
    }

    public function sheet(LengthFormatter $format): SlopeSheet
    {
        $typed = [];
        foreach (self::FIELDS as $field) {
            $typed[$field] = $this->string($field)->toString();
        }

        return SlopeSheet::of($typed, $format);
    }
}
