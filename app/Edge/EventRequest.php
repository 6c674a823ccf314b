<?php

declare(strict_types=1);

namespace App\Edge;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use JackRest\Core\EdgeHistory\EdgeEntry;
use JackRest\Desk\EdgeHistory\EdgeEntryForm;

/** An entry of an edge's diary, with the version of the edge that the user was looking at. */
final class EventRequest extends FormRequest
{
    public const FIELDS = ['kind', 'day', 'minutes', 'wood', 'strokes', 'found', 'stone', 'deg', 'note'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...array_fill_keys(self::FIELDS, ['present', 'nullable', 'string', 'max:300']),
            'version' => ['required', 'integer', 'min:1'],
        ];
    }

    /** @throws \JackRest\Core\Calculation\InvalidInput */
    public function event(): EdgeEntry
    {
        $typed = [];
        foreach (self::FIELDS as $field) {
            $typed[$field] = $this->string($field)->toString();
        }

        return EdgeEntryForm::read($typed, Carbon::now()->toIso8601ZuluString());
    }

    public function version(): int
    {
        return $this->integer('version');
    }
}
