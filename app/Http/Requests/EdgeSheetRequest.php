<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bench\RackOfBench;
use App\Models\Bench;
use App\Models\Edge;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Edge\EdgeSheet;
use JackRest\Core\Measure\LengthFormatter;

/** What was typed and chosen about one edge, as the core's sheet. */
class EdgeSheetRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...array_fill_keys(EdgeSheet::FIELDS, ['present', 'nullable', 'string', 'max:60']),
            'condition' => ['required', Rule::in([Edge::SHARP, ...array_column(EdgeNeed::cases(), 'value')])],
        ];
    }

    public function sheet(Edge $edge, Bench $bench, LengthFormatter $format): EdgeSheet
    {
        $rack = new RackOfBench($bench);
        $typed = [];
        foreach (EdgeSheet::FIELDS as $field) {
            $typed[$field] = $this->string($field)->toString();
        }

        return EdgeSheet::of($edge->toCore(), $typed, EdgeNeed::tryFrom($this->string('condition')->toString()), $rack->forPlan(), $format, $rack->school);
    }
}
