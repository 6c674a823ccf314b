<?php

declare(strict_types=1);

namespace App\Auger;

use App\Http\TypedFormRequest;
use Illuminate\Support\Carbon;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Filing\AugerSet;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Filing\AugerBitForm;

/** One bit of a set as far as it was measured; its version is 0 until it is written down. */
final class AugerBitRequest extends TypedFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::figures('figures'),
            'sixteenths' => ['required', 'integer', 'min:1', 'max:64'],
            'sharp' => ['required', 'boolean'],
            'version' => ['sometimes', 'integer', 'min:0'],
        ];
    }

    public function form(LengthFormatter $format): AugerBitForm
    {
        return AugerBitForm::of(
            $this->sixteenths() * AugerSet::STEP_MM,
            $this->typedUnder('figures'),
            $this->boolean('sharp'),
            $format,
        );
    }

    public function sixteenths(): int
    {
        return $this->integer('sixteenths');
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /**
     * @return array<string, mixed> columns
     *
     * @throws InvalidInput
     */
    public function values(LengthFormatter $format): array
    {
        $form = $this->form($format);
        $form->form->soundOrRefuse('figures');
        if ($form->check === null) {
            throw InvalidInput::because(
                $form->form->value('spurs') === null ? 'figures.spurs' : 'figures.twist',
                'Measure across the spurs and across the twist.',
            );
        }
        [$spurs, $twist, $height, $hole, $turns] = array_values($form->form->values());

        return [
            'sixteenths' => $this->sixteenths(),
            'spurs_mm' => $spurs,
            'twist_mm' => $twist,
            'height_mm' => $height,
            ...$hole === null || $turns === null
                ? ['hole_mm' => null, 'turns' => null]
                : ['hole_mm' => $hole, 'turns' => $turns],
            'is_sharp' => $this->boolean('sharp'),
            'checked_on' => Carbon::now()->toIso8601ZuluString(),
        ];
    }
}
