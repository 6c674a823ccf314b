<?php

declare(strict_types=1);

namespace App\Blank;

use Illuminate\Foundation\Http\FormRequest;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\Purpose;
use JackRest\Desk\Shelf\WantedPieceForm;

/** What a blank is wanted for. */
final class ShelfRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return array_fill_keys(
            ['purpose', 'length', 'width', 'thickness'],
            ['sometimes', 'nullable', 'string', 'max:60'],
        );
    }

    public function wanted(LengthFormatter $format): WantedPieceForm
    {
        $typed = [];
        foreach (['length', 'width', 'thickness'] as $name) {
            $typed[$name] = $this->string($name)->toString();
        }

        return new WantedPieceForm(
            Purpose::tryFrom($this->string('purpose')->toString()) ?? Purpose::Blade,
            $typed,
            $format,
        );
    }
}
