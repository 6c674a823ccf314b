<?php

declare(strict_types=1);

namespace App\Edge;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;

/** An edge's angles and depths to be kept, with the version of the edge that the user was looking at. */
final class VersionedGeometryFormRequest extends GeometryFormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'version' => ['required', 'integer', 'min:1'],
            'name' => ['required', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.*' => 'An edge needs a name of at most 120 letters.'];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /**
     * @return array{name: string, ...<string, mixed>} columns
     *
     * @throws InvalidInput
     */
    public function values(Edge $edge, LengthFormatter $format): array
    {
        $form = $this->form($edge, $format);
        $form->form->soundOrRefuse('figures');
        if ($form->objection !== null) {
            throw InvalidInput::because('figures', $form->objection);
        }
        $blade = $form->blade;
        $honed = trim($this->typedUnder('figures')['honed'] ?? '') !== '';

        return [
            'name' => trim($this->string('name')->toString()),
            'width_mm' => $blade->widthMm,
            'thickness_mm' => $blade->thicknessMm,
            'primary_deg' => $blade->primaryDeg,
            'secondary_deg' => $blade->secondaryDeg,
            'aim_deg' => $honed || $edge->aim_deg === null ? $blade->secondaryDeg : $edge->aim_deg,
            'micro_width_mm' => $blade->microWidthMm,
            'bed_deg' => $blade->bedDeg,
            'bevel_up' => $blade->bevelUp,
            'back_bevel_deg' => $blade->backBevelDeg,
            'skew_deg' => $blade->skewDeg,
            'wheel_mm' => $blade->wheelMm,
            'honed_mm' => $blade->honedMm,
            'radius_mm' => $blade->radiusMm,
            'steel' => $blade->steel,
            'duty' => $blade->duty,
            'finish_um' => $blade->finishUm,
            'left_mm' => $form->leftMm,
        ];
    }
}
