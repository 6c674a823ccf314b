<?php

declare(strict_types=1);

namespace App\Saw;

use App\Http\TypedFormRequest;
use App\Tool\Tool;
use Illuminate\Validation\Rule;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Filing\SawState;
use JackRest\Core\Filing\SawUse;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Grain;
use JackRest\Desk\Filing\SawForm;
use JackRest\Desk\Filing\SawTemplateForm;

/** A saw as far as it was read. */
class SawFormRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::figures('figures'),
            'use' => ['required', Rule::enum(SawUse::class)],
            'state' => ['required', Rule::enum(SawState::class)],
            'hardened' => ['required', 'boolean'],
        ];
    }

    public function form(Tool $saw, LengthFormatter $format): SawForm
    {
        return SawForm::of(
            $this->typedUnder('figures'),
            SawUse::from($this->string('use')->toString()),
            SawState::from($this->string('state')->toString()),
            $this->boolean('hardened'),
            SawsOfBench::usualDepthMm($saw),
            $format,
        );
    }

    public function template(LengthFormatter $format): SawTemplateForm
    {
        return SawTemplateForm::of($this->typedUnder('figures'), $format);
    }

    /**
     * @return array<string, float> sizes of the tool, those that were read taking the place of what was kept
     *
     * @throws InvalidInput
     */
    public function sizes(Tool $saw, SawForm $form): array
    {
        $form->readings->form->soundOrRefuse('figures');
        if ($form->teeth === null) {
            throw InvalidInput::because('figures.tpi', 'Count the teeth first.');
        }
        $read = array_filter(
            array_map($form->readings->value(...), array_combine(SawsOfBench::KEPT, SawsOfBench::KEPT)),
            is_float(...),
        );
        $cut = match ($form->use) {
            SawUse::Rip => Grain::RIP,
            SawUse::Cross => Grain::CROSS,
            SawUse::Joinery => Grain::BOTH,
            SawUse::Wet => $saw->toCore()->sizes()['cut'] ?? Grain::BOTH,
        };

        return [...$saw->size, ...$read, 'cut' => $cut, 'hardened' => $form->isHardened ? 1.0 : 0.0];
    }
}
