<?php

declare(strict_types=1);

namespace App\Home;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\Instrument;
use JackRest\Desk\Form\Reading;

final class PreferencesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'unit' => ['sometimes', Rule::enum(LengthUnit::class)],
            'instrument' => ['sometimes', Rule::enum(Instrument::class)],
            'paper' => ['sometimes', 'nullable', 'string', 'max:60'],
            'instrumentUrl' => ['sometimes', 'nullable', 'string', 'max:60'],
            'ground' => ['sometimes', Rule::in(['system', 'light', 'dark'])],
        ];
    }

    /** @return array<string, string|float|null> columns */
    public function preferences(LengthFormatter $format): array
    {
        /** @var array<string, string> $chosen */
        $chosen = $this->safe(['unit', 'ground', 'instrument']);

        return [
            ...$chosen,
            ...$this->has('paper') ? ['paper_mm' => $this->paperMm($format)] : [],
            ...$this->has('instrumentUrl') ? ['instrument_url' => $this->instrumentUrl()] : [],
        ];
    }

    /** An instrument is listened to on this machine only, whoever asks; null: none any more. */
    private function instrumentUrl(): ?string
    {
        $url = rtrim(trim($this->string('instrumentUrl')->toString()), '/');
        if ($url !== '' && preg_match('~^http://(127\.0\.0\.1|localhost):\d{2,5}$~', $url) !== 1) {
            throw InvalidInput::because(
                'instrumentUrl',
                'An instrument answers on this machine, such as http://127.0.0.1:8201.',
            );
        }

        return $url === '' ? null : $url;
    }

    /** Thickness of one sheet; null: not measured any more. */
    private function paperMm(LengthFormatter $format): ?float
    {
        $paper = Reading::length($this->string('paper')->toString(), $format)->within(
            0.02,
            1,
            'A sheet of paper is between 0.02 and 1 mm thick. A pack of ten: type 1 mm / 10.',
        );
        if ($paper->error !== null) {
            throw InvalidInput::because('paper', $paper->error);
        }

        return $paper->value;
    }
}
