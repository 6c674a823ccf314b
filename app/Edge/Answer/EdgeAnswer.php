<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** An edge. */
final readonly class EdgeAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('what it is called')] public string $name,
        #[Field('the tool\'s number')] public int $toolId,
        #[Field('the tool')] public string $tool,
        #[Field('how the edge is')] public string $condition,
        #[Field('ready to be read')] public string $says,
        #[Field('width, mm')] public float $widthMm,
        #[Field('thickness, mm')] public float $thicknessMm,
        #[Field('primary bevel, degrees')] public float $primaryDeg,
        #[Field('secondary bevel, degrees')] public float $secondaryDeg,
        #[Field('width of the secondary bevel, mm')] public float $microWidthMm,
        #[Field('the finest grit it was honed on, µm')] public float $finishUm,
        #[Field('thickness, ready to be read')] public string $thickness,
        #[Field('width of the secondary bevel, ready to be read')] public string $microWidth,
        #[Field('when it was last honed, ready to be read; null: not told')] public ?string $honedOn,
        #[Field('which form it has')] public string $form,
        #[Field('what it is for')] public string $duty,
        #[Field('back bevel, degrees')] public float $backBevelDeg,
        #[Field('diameter of the wheel it was ground on, mm; null: flat')] public ?float $wheelMm,
        #[Field('radius of the curve, mm')] public ?float $radiusMm,
    ) {
    }
}
