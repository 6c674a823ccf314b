<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Hardness;
use JackRest\Desk\Measure\Figure;

/** Strokes counted through a cut, with the cut. */
final class StrokesRequest extends SeenRecordRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $typed = ['required', 'string', 'max:60'];

        return [...parent::rules(), 'thickness' => $typed, 'depth' => $typed, 'strokes' => $typed, 'hardness' => ['required', Rule::enum(Hardness::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...parent::messages(), 'strokes.required' => 'Type how many strokes you counted.', 'thickness.required' => 'Type how thick the stock was.', 'depth.required' => 'Type how deep the cut was.'];
    }

    /** @return array<string, mixed> */
    public function values(LengthFormatter $format): array
    {
        $figures = [
            'thickness' => Figure::of($this->string('thickness')->toString(), DimensionUnit::Length, $format)->within(1, 300, 'Stock is between 1 and 300 mm thick.'),
            'depth' => Figure::of($this->string('depth')->toString(), DimensionUnit::Length, $format)->within(1, 1000, 'A cut is between 1 and 1000 mm deep.'),
            'strokes' => Figure::count($this->string('strokes')->toString())->within(1, 5000, 'Between 1 and 5000 strokes.'),
        ];
        foreach ($figures as $name => $figure) {
            SoundSheet::orRefuse('', [$name => $figure]);
        }

        return [
            'thickness_mm' => $figures['thickness']->value,
            'depth_mm' => $figures['depth']->value,
            'hardness' => Hardness::from($this->string('hardness')->toString()),
            'strokes' => (int) $figures['strokes']->value,
            'counted_at' => Carbon::now()->toIso8601ZuluString(),
        ];
    }
}
