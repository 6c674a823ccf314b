<?php

declare(strict_types=1);

namespace App\Edge;

use App\Bench\Bench;
use App\Stone\RackOfBench;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Edge\EdgeNeed;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Edge\SharpeningForm;

/** What was typed and chosen about one edge, as the core's sheet. */
class EdgeFormRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...array_fill_keys(SharpeningForm::FIELDS, ['present', 'nullable', 'string', 'max:60']),
            'condition' => [
                'required',
                Rule::in([Edge::SHARP, Edge::UNKNOWN, ...array_column(EdgeNeed::cases(), 'value')]),
            ],
        ];
    }

    public function form(Edge $edge, Bench $bench, LengthFormatter $format): SharpeningForm
    {
        $rack = new RackOfBench($bench);
        $typed = [];
        foreach (SharpeningForm::FIELDS as $field) {
            $typed[$field] = $this->string($field)->toString();
        }
        foreach ($edge->typed($format) as $field => $known) {
            $typed[$field] = trim($typed[$field]) === '' ? $known : $typed[$field];
        }

        return SharpeningForm::of(
            $edge->toCore(),
            $typed,
            EdgeNeed::tryFrom($this->string('condition')->toString()),
            $rack->forPlan(),
            $format,
            $rack->school,
        );
    }
}
