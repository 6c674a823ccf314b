<?php

declare(strict_types=1);

namespace App\Work;

use App\Http\Sent;
use App\Http\TypedFormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Operations;
use JackRest\Core\Work\Patterns;
use JackRest\Core\Work\Step;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Work\WorkForm;

/** A work as far as it has been described: by a pattern and its numbers, or step by step. */
class WorkFormRequest extends TypedFormRequest
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

    public function form(LengthFormatter $format): ?WorkForm
    {
        $pattern = $this->input('pattern');

        return is_string($pattern)
            ? WorkForm::of(Patterns::named($pattern), $this->typedUnder('measures'), $this->hardness(), $format)
            : null;
    }

    /** @return list<Form> the numbers of each step */
    public function stepForms(LengthFormatter $format): array
    {
        return array_map(static function (array $step) use ($format): Form {
            $typed = Sent::texts($step['typed'] ?? []);
            $fields = array_map(
                static fn (string $fact): FormField => self::stepField($fact, $format),
                array_map(strval(...), array_keys($typed)),
            );

            return Form::of($fields, $typed, $format);
        }, Sent::rows($this->input('steps')));
    }

    private static function stepField(string $name, LengthFormatter $format): FormField
    {
        $fact = Fact::tryFrom($name) ?? throw InvalidInput::because('steps', "\"$name\" is no number a work has");
        $quantity = $fact === Fact::Tolerance ? Quantity::Thickness : Quantity::Length;
        $complaint = 'More than nothing, and less than '.$format->dimension(self::MOST_MM).'.';

        return new FormField($name, $quantity, 0.001, self::MOST_MM, complaint: $complaint);
    }

    /** @return list<Step> */
    public function steps(LengthFormatter $format): array
    {
        return array_map(
            fn (int $index, Form $form): Step => new Step(
                $this->string("steps.$index.operation")->toString(),
                $form->given(),
                $this->integer("steps.$index.minGrade"),
            ),
            array_keys($this->stepForms($format)),
            $this->stepForms($format),
        );
    }
}
