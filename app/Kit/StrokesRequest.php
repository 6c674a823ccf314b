<?php

declare(strict_types=1);

namespace App\Kit;

use App\Ledger\VersionedRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Hardness;
use JackRest\Desk\Fit\StrokesForm;
use JackRest\Desk\Form\Form;

/** Strokes counted through a cut, with the cut. */
final class StrokesRequest extends VersionedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $typed = ['required', 'string', 'max:60'];

        return [
            ...parent::rules(),
            'thickness' => $typed,
            'depth' => $typed,
            'strokes' => $typed,
            'hardness' => ['required', Rule::enum(Hardness::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'strokes.required' => 'Type how many strokes you counted.',
            'thickness.required' => 'Type how thick the stock was.',
            'depth.required' => 'Type how deep the cut was.',
        ];
    }

    /** @return array{thickness_mm: float, depth_mm: float, hardness: Hardness, strokes: int, counted_at: string} */
    public function values(LengthFormatter $format): array
    {
        $typed = array_map(fn (string $name): string => $this->string($name)->toString(), [
            'thickness' => 'thickness',
            'depth' => 'depth',
            'strokes' => 'strokes',
        ]);
        $form = Form::of(StrokesForm::fields(), $typed, $format);
        $form->soundOrRefuse();

        return [
            'thickness_mm' => (float) $form->value('thickness'),
            'depth_mm' => (float) $form->value('depth'),
            'hardness' => Hardness::from($this->string('hardness')->toString()),
            'strokes' => (int) $form->value('strokes'),
            'counted_at' => Carbon::now()->toIso8601ZuluString(),
        ];
    }
}
