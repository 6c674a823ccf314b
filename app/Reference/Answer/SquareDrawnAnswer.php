<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Truing\Lean;

/** What a square is drawn by. */
final readonly class SquareDrawnAnswer extends Answer
{
    /**
     * @param  list<SquareStrokeAnswer>  $strokes
     */
    public function __construct(
        #[Field('its error, mm')] public float $errorMm,
        #[Field('which way it leans')] public Lean $lean,
        #[Field('what to take off at the heel, mm')] public float $removeAtHeelMm,
        #[Field('what to take off at the tip, mm')] public float $removeAtTipMm,
        #[Field('length, mm')] public float $lengthMm,
        #[Field('its error without its sign, ready to be read')] public string $error,
        #[Field('how far the two knifed lines part, ready to be read')] public string $parted,
        #[Field('length, ready to be read')] public string $length,
        #[Field('stroke by stroke', of: SquareStrokeAnswer::class)] public array $strokes,
    ) {
    }
}
