<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Edge\NickRoute;

/** What a blade is drawn by. */
final readonly class DrawnBladeAnswer extends Answer
{
    public function __construct(
        #[Field('which form it has')] public string $form,
        #[Field('width, mm')] public float $widthMm,
        #[Field('thickness, mm')] public float $thicknessMm,
        #[Field('primary bevel, degrees')] public float $primaryDeg,
        #[Field('secondary bevel, degrees')] public float $secondaryDeg,
        #[Field('width of the secondary bevel, mm')] public float $microWidthMm,
        #[Field('back bevel, degrees')] public float $backBevelDeg,
        #[Field('diameter of the wheel it was ground on, mm; null: flat')] public ?float $wheelMm,
        #[Field('depth of the hollow, mm')] public float $hollowMm,
        #[Field('length of the bevel that is honed, mm')] public float $honedMm,
        #[Field('angle of the bed, degrees; null: it has none')] public ?float $bedDeg,
        #[Field('whether the bevel lies up')] public bool $bevelUp,
        #[Field('skew of the edge, degrees')] public float $skewDeg,
        #[Field('cutting angle, degrees')] public ?float $cuttingDeg,
        #[Field('clearance angle, degrees; null: not told')] public ?float $clearanceDeg,
        #[Field('radius of the curve, mm')] public ?float $radiusMm,
        #[Field('rise of the curve over the width, mm')] public float $sagMm,
        #[Field('relief at the corners, mm')] public float $reliefMm,
        #[Field('depth of the nick, mm; null: none')] public ?float $nickMm,
        #[Field('how the nick is taken out; null: none')] public ?NickRoute $nickRoute,
        #[Field('width, ready to be read')] public string $width,
        #[Field('thickness, ready to be read')] public string $thickness,
        #[Field('width of the secondary bevel, ready to be read')] public string $microWidth,
        #[Field('depth of the hollow, ready to be read')] public string $hollow,
        #[Field('rise of the curve, ready to be read')] public string $sag,
        #[Field('the relief')] public string $relief,
    ) {
    }
}
