<?php

declare(strict_types=1);

namespace App\Guide;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use JackRest\Core\Edge\GuideSeat;
use JackRest\Core\Edge\GuideSetting;
use JackRest\Core\Edge\GuideStop;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Guide\GuideForm;

/** A honing guide as far as it has been measured. */
class GuideFormRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['present', 'nullable', 'string', 'max:60'],
            'seat' => ['required', Rule::enum(GuideSeat::class)],
            'roller' => ['present', 'nullable', 'string', 'max:60'],
            'settings' => ['present', 'array', 'list', 'max:12'],
            'settings.*.projection' => ['present', 'nullable', 'string', 'max:60'],
            'settings.*.angle' => ['present', 'nullable', 'string', 'max:60'],
            'stops' => ['present', 'array', 'list', 'max:12'],
            'stops.*' => ['present', 'nullable', 'string', 'max:60'],
        ];
    }

    public function form(LengthFormatter $format): GuideForm
    {
        /** @var list<array{projection: string|null, angle: string|null}> $settings */
        $settings = (array) $this->input('settings');
        /** @var list<string|null> $stops */
        $stops = (array) $this->input('stops');

        return GuideForm::of(
            $this->string('roller')->toString(),
            array_map(
                static fn (array $setting): array => [
                    'projection' => (string) $setting['projection'],
                    'angle' => (string) $setting['angle'],
                ],
                $settings,
            ),
            array_map(strval(...), $stops),
            $format,
        );
    }

    public function seat(): GuideSeat
    {
        return GuideSeat::from($this->string('seat')->toString());
    }

    /**
     * @return array{name: string, ...<string, mixed>} columns
     *
     * @throws \JackRest\Core\Calculation\InvalidInput
     */
    public function values(LengthFormatter $format): array
    {
        $form = $this->form($format);
        $form->form->soundOrRefuse();
        if ($form->axle === null || $form->objection !== null) {
            throw \JackRest\Core\Calculation\InvalidInput::because(
                'settings',
                $form->objection ?? 'Two settings are needed: how far a blade stood out, and which angle came of it.',
            );
        }

        return [
            'name' => trim($this->string('name')->toString()) === ''
                    ? 'honing guide'
                    : trim($this->string('name')->toString()),
            'seat' => $this->seat(),
            'roller_mm' => $form->rollerMm,
            'settings' => array_map(
                static fn (GuideSetting $setting): array => [
                    'projectionMm' => $setting->projectionMm,
                    'angleDeg' => $setting->angleDeg,
                ],
                $form->settings,
            ),
            'stops' => array_map(static fn (GuideStop $stop): float => $stop->angleDeg, $form->stops),
        ];
    }
}
