<?php

declare(strict_types=1);

namespace App\Job;

use App\Ledger\VersionedRequest;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** What was found when a job was looked at afterwards: its widest gap by the feeler, and what to do better. */
final class JobFoundRequest extends VersionedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'gap' => ['present', 'nullable', 'string', 'max:60'],
            'found' => ['present', 'nullable', 'string', 'max:500'],
        ];
    }

    /** @throws InvalidInput beside the field */
    public function gapMm(LengthFormatter $format): ?float
    {
        $field = new FormField('gap', Quantity::Thickness, 0.0, 20.0);
        $reading = $field->read($this->string('gap')->toString(), $format);
        if ($reading->error !== null) {
            throw InvalidInput::because('gap', $reading->error);
        }

        return $reading->value;
    }

    public function found(): string
    {
        return trim($this->string('found')->toString());
    }
}
