<?php

declare(strict_types=1);

namespace JackRest\Desk\Edge;

use JackRest\Core\Edge\Blade;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Form\Reading;

/** What is measured on an edge, and what of it is out of reason. */
final class EdgeReadings
{
    /** @param  array<string, string>  $typed */
    public static function of(Blade $onRecord, array $typed, LengthFormatter $format): Form
    {
        $thick = self::thickness($onRecord)->read($typed['thickness'] ?? '', $format)->value ?? $onRecord->thicknessMm;
        $form = Form::of(self::fields($onRecord, $thick, $format), $typed, $format);

        return $form->with('bevelLength', self::steepOrFlat($form->readings['bevelLength'], $thick));
    }

    /** @return list<FormField> */
    private static function fields(Blade $onRecord, float $thickMm, LengthFormatter $format): array
    {
        $bevel = "The bevel must be longer than the blade is thick ({$format->dimension($thickMm)}).";
        $length = static fn (
            string $name,
            float $least,
            float $most,
            string $label,
            string $complaint,
        ): FormField => new FormField(
            $name,
            Quantity::Length,
            $least,
            $most,
            $label,
            complaint: $complaint,
            isReading: true,
        );

        return [
            $length('bevelLength', $thickMm + 1e-9, 100, 'Bevel, edge to heel', $bevel)->expecting(
                $onRecord->bevelLengthMm(),
            ),
            self::thickness($onRecord),
            $length('give', 0, 1, 'Give or take', 'A length is read to better than 1 mm.'),
            $length('nickDepth', 0.001, 5, 'Depth of the nick', 'A nick is between 0.001 and 5 mm deep.'),
            $length('backLength', 0.1, 200, 'Length of the back', 'Between 0.1 and 200 mm of a back are flattened.'),
            $length(
                'outOfFlat',
                0.001,
                1,
                'Out of flat',
                'A back further out than 1 mm is for the grinder or the shop it came from.',
            ),
            $length(
                'relief',
                0.01,
                10,
                'Corners stand back by',
                'A curve stands back between 0.01 and 10 mm at the corners.',
            ),
            new FormField(
                'newAngle',
                Quantity::Degrees,
                10,
                60,
                'New angle',
                complaint: 'A bevel is between 10° and 60°.',
            ),
        ];
    }

    private static function thickness(Blade $onRecord): FormField
    {
        $complaint = 'A blade is between 0.3 and 20 mm thick.';

        return new FormField(
            'thickness',
            Quantity::Length,
            0.3,
            20,
            'Thickness',
            '',
            $complaint,
            $onRecord->thicknessMm,
            isReading: true,
        );
    }

    private static function steepOrFlat(Reading $bevel, float $thicknessMm): Reading
    {
        if ($bevel->value === null || $bevel->doubt !== null) {
            return $bevel;
        }
        $deg = rad2deg(asin(min(1.0, $thicknessMm / $bevel->value)));

        $whole = LengthFormatter::fixed($deg, 0);

        return $deg < 10 || $deg > 60
            ? $bevel->doubted(
                "That makes the bevel {$whole}°. Did you measure along the bevel, edge to heel?",
            )
            : $bevel;
    }
}
