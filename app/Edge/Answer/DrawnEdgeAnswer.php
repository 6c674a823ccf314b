<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What an edge on the stone is drawn by. */
final readonly class DrawnEdgeAnswer extends Answer
{
    public function __construct(
        #[Field('thickness, mm')] public float $thicknessMm,
        #[Field('primary bevel, degrees')] public float $primaryDeg,
        #[Field('secondary bevel, degrees')] public float $secondaryDeg,
        #[Field('width of the secondary bevel, mm')] public float $microWidthMm,
        #[Field('how far the edge goes back, mm')] public float $recessionMm,
        #[Field('length of the bevel on the stone, mm')] public float $contactLengthMm,
        #[Field('back bevel, degrees')] public float $backBevelDeg,
        #[Field('diameter of the wheel it was ground on, mm; null: flat')] public ?float $wheelMm,
        #[Field('length of the bevel that is honed, mm')] public float $honedMm,
        #[Field('thickness, ready to be read')] public string $thickness,
        #[Field('length of the bevel on the stone, ready to be read')] public string $contactLength,
        #[Field('how far the edge goes back, ready to be read')] public string $recession,
    ) {
    }
}
