<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Bench;
use App\Models\Edge;
use App\Models\Stone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Edge\EdgeCondition;
use JackRest\Core\Edge\EdgeSheet;
use JackRest\Core\Edge\Stone as CoreStone;
use JackRest\Core\Measure\LengthFormatter;

/** What was typed and chosen about one edge, as the core's sheet. */
class EdgeSheetRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'bevelLength' => ['present', 'nullable', 'string', 'max:60'],
            'thickness' => ['present', 'nullable', 'string', 'max:60'],
            'give' => ['present', 'nullable', 'string', 'max:60'],
            'nickDepth' => ['present', 'nullable', 'string', 'max:60'],
            'condition' => ['required', Rule::in([Edge::SHARP, ...array_column(EdgeCondition::cases(), 'value')])],
        ];
    }

    public function sheet(Edge $edge, Bench $bench, LengthFormatter $format): EdgeSheet
    {
        return EdgeSheet::of($edge->toCore(), [
            'bevelLength' => $this->string('bevelLength')->toString(),
            'thickness' => $this->string('thickness')->toString(),
            'give' => $this->string('give')->toString(),
            'nickDepth' => $this->string('nickDepth')->toString(),
        ], EdgeCondition::tryFrom($this->string('condition')->toString()), array_values($bench->stones()->get()->map(static fn (Stone $stone): CoreStone => $stone->toCore())->all()), $format);
    }
}
