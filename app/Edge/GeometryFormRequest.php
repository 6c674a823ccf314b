<?php

declare(strict_types=1);

namespace App\Edge;

use App\Http\TypedFormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use JackRest\Core\Edge\EdgeDuty;
use JackRest\Core\Edge\Steel;
use JackRest\Core\EdgeHistory\Consumption;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Edge\GeometryForm;

/** An edge's angles and depths as far as they are typed. */
class GeometryFormRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::figures('figures'),
            'bevelUp' => ['required', 'boolean'],
            'steel' => ['required', Rule::enum(Steel::class)],
            'duty' => ['required', Rule::enum(EdgeDuty::class)],
        ];
    }

    public function form(Edge $edge, LengthFormatter $format): GeometryForm
    {
        $honing = Consumption::of($edge->story(), Carbon::now()->toDateString());

        return GeometryForm::of($edge->toCore(), $this->typedUnder('figures'), [
            'bevelUp' => $this->boolean('bevelUp'),
            'steel' => Steel::from($this->string('steel')->toString()),
            'duty' => EdgeDuty::from($this->string('duty')->toString()),
        ], $edge->left_mm, $format, $honing->honingMm);
    }
}
