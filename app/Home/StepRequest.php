<?php

declare(strict_types=1);

namespace App\Home;

use Illuminate\Foundation\Http\FormRequest;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\Reading;

final class StepRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'typed' => ['present', 'nullable', 'string', 'max:60'],
            'stepMm' => ['required', 'numeric', 'gt:0', 'lte:100'],
            'steps' => ['required', 'integer', 'between:-100,100'],
        ];
    }

    /** What cannot be understood stays as it was typed. */
    public function stepped(LengthFormatter $format): string
    {
        $typed = $this->string('typed')->toString();
        $reading = Reading::length($typed, $format);
        if ($reading->error !== null) {
            return $typed;
        }

        return $format->typed(round(($reading->value ?? 0.0) + $this->integer('steps') * $this->float('stepMm'), 6));
    }
}
