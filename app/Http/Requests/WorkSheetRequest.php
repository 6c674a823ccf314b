<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Hardness;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Patterns;
use JackRest\Core\Work\Step;
use JackRest\Desk\Measure\Figure;
use JackRest\Desk\Work\WorkForm;

/** A work as far as it has been described: by a pattern and its numbers, or step by step. */
class WorkSheetRequest extends TypedSheetRequest
{
    private const MOST_MM = 10_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'pattern' => ['present', 'nullable', 'string', Rule::in(array_keys(Patterns::all()))],
            'hardness' => ['required', Rule::enum(Hardness::class)],
            ...self::figures('measures'),
            'steps' => ['present', 'array', 'list', 'max:200'],
            'steps.*.operation' => ['required', 'string', Rule::in(array_keys(Operations::all()))],
            'steps.*.minGrade' => ['required', 'integer', 'between:1,5'],
            'steps.*.typed' => ['present', 'array'],
            'steps.*.typed.*' => ['nullable', 'string', 'max:60'],
        ];
    }

    public function hardness(): Hardness
    {
        return Hardness::from($this->string('hardness')->toString());
    }

    public function sheet(LengthFormatter $format): ?WorkForm
    {
        $pattern = $this->input('pattern');

        return is_string($pattern) ? WorkForm::of(Patterns::named($pattern), $this->typedUnder('measures'), $this->hardness(), $format) : null;
    }

    /** @return list<array<string, Figure>> the numbers of each step */
    public function stepFigures(LengthFormatter $format): array
    {
        return array_map(static function (mixed $step) use ($format): array {
            $figures = [];
            foreach ((array) ($step['typed'] ?? []) as $fact => $typed) {
                $known = Fact::tryFrom((string) $fact) ?? throw InvalidInput::because('steps', "\"$fact\" is no number a work has");
                $figures[$known->value] = Figure::of(is_string($typed) ? $typed : '', $known === Fact::Tolerance ? DimensionUnit::Thickness : DimensionUnit::Length, $format)
                    ->within(0.001, self::MOST_MM, 'More than nothing, and less than '.$format->dimension(self::MOST_MM).'.');
            }

            return $figures;
        }, array_values((array) $this->input('steps')));
    }

    /** @return list<Step> */
    public function steps(LengthFormatter $format): array
    {
        $figures = $this->stepFigures($format);

        return array_map(static fn (mixed $step, array $typed): Step => new Step(
            (string) $step['operation'],
            array_filter(array_map(static fn (Figure $figure): ?float => $figure->value, $typed), is_float(...)),
            (int) $step['minGrade'],
        ), array_values((array) $this->input('steps')), $figures);
    }
}
