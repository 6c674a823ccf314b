<?php

declare(strict_types=1);

namespace App\Kit;

use App\Http\TypedFormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Tool\ToolKind;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\Kit\ToolForm;

/** A tool as far as it has been described. */
class ToolFormRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', 'string', Rule::in(array_keys(ToolKinds::all()))],
            'name' => ['present', 'nullable', 'string', 'max:120'],
            ...self::figures('figures'),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kind.*' => 'Choose which kind of tool it is.'];
    }

    public function form(LengthFormatter $format): ToolForm
    {
        return $this->formOf(ToolKinds::named($this->string('kind')->toString()), $format);
    }

    protected function formOf(ToolKind $kind, LengthFormatter $format): ToolForm
    {
        return ToolForm::of($kind, $this->typedUnder('figures'), $this->string('name')->toString(), $format);
    }
}
