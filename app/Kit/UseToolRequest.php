<?php

declare(strict_types=1);

namespace App\Kit;

use App\Bench\Bench;
use App\Work\Work;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;

/** On which day a tool was used, and for what. */
final class UseToolRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'day' => [
                'bail', 'required', 'string', 'date_format:Y-m-d', 'before_or_equal:'.Carbon::now()->toDateString(),
            ],
            'work' => ['present', 'nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['day.before_or_equal' => 'That day is still to come.', 'day.*' => 'On which day was it used?'];
    }

    /** @return array{used_on: string, work_id: int|null} columns */
    public function values(Bench $bench): array
    {
        $work = $this->input('work') === null ? null : Work::of($bench)->find($this->integer('work'));
        if ($this->input('work') !== null && $work === null) {
            throw InvalidInput::because('work', 'That work is not on this bench.');
        }

        return ['used_on' => $this->string('day')->toString(), 'work_id' => $work?->id];
    }
}
