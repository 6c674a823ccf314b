<?php

declare(strict_types=1);

namespace App\Saw\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What teeth are drawn by. */
final readonly class DrawnTeethAnswer extends Answer
{
    public function __construct(
        #[Field('from tooth to tooth, mm')] public float $pitchMm,
        #[Field('height, mm')] public float $heightMm,
        #[Field('rake, degrees')] public float $rakeDeg,
        #[Field('back of the tooth, degrees')] public float $backDeg,
        #[Field('fleam, degrees')] public float $fleamDeg,
        #[Field('thickness of the plate, mm; null: not known')] public ?float $plateMm,
        #[Field('set on each side, mm')] public float $setMm,
        #[Field('from tooth to tooth, ready to be read')] public string $pitch,
        #[Field('height, ready to be read')] public string $height,
        #[Field('width of the kerf, ready to be read; null: not known')] public ?string $kerf,
    ) {
    }
}
