<?php

declare(strict_types=1);

namespace JackRest\Desk\Edge;

use JackRest\Core\Edge\Blade;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Measure\Reading;

/** What is measured on an edge, and what of it is out of reason. */
final class EdgeReadings
{
    /**
     * @param  array<string, string>  $typed
     * @return array<string, Reading>
     */
    public static function of(Blade $onRecord, array $typed, LengthFormatter $format): array
    {
        $thickness = Reading::of($typed['thickness'], $format)->beside($onRecord->thicknessMm, $format)->within(0.3, 20, 'A blade is between 0.3 and 20 mm thick.');
        $thick = $thickness->mm ?? $onRecord->thicknessMm;
        $bevel = Reading::of($typed['bevelLength'], $format)
            ->beside($onRecord->bevelLengthMm(), $format)
            ->within($thick + 1e-9, 100, "The bevel must be longer than the blade is thick ({$format->dimension($thick)}).");

        return [
            'thickness' => $thickness,
            'bevelLength' => self::steepOrFlat($bevel, $thick),
            'give' => Reading::of($typed['give'], $format)->within(0, 1, 'A length is read to better than 1 mm.'),
            'nickDepth' => Reading::of($typed['nickDepth'], $format)->within(0.001, 5, 'A nick is between 0.001 and 5 mm deep.'),
            'backLength' => Reading::of($typed['backLength'], $format)->within(0.1, 200, 'Between 0.1 and 200 mm of a back are flattened.'),
            'outOfFlat' => Reading::of($typed['outOfFlat'], $format)->within(0.001, 1, 'A back further out than 1 mm is for the grinder or the shop it came from.'),
            'relief' => Reading::of($typed['relief'], $format)->within(0.01, 10, 'A curve stands back between 0.01 and 10 mm at the corners.'),
        ];
    }

    private static function steepOrFlat(Reading $bevel, float $thicknessMm): Reading
    {
        if ($bevel->mm === null || $bevel->doubt !== null) {
            return $bevel;
        }
        $deg = rad2deg(asin(min(1.0, $thicknessMm / $bevel->mm)));

        return $deg < 10 || $deg > 60
            ? $bevel->doubted('That makes the bevel '.LengthFormatter::fixed($deg, 0).'°. Edge to heel along the bevel, is it?')
            : $bevel;
    }
}
