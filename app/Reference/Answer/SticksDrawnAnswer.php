<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What winding sticks are drawn by. */
final readonly class SticksDrawnAnswer extends Answer
{
    public function __construct(
        #[Field('length, mm')] public float $lengthMm,
        #[Field('error of the far stick, mm')] public float $farMm,
        #[Field('error of the near stick, mm; null: not known')] public ?float $nearMm,
        #[Field('what the board itself winds, mm')] public float $boardMm,
        #[Field('error of the far stick, ready to be read')] public string $far,
        #[Field('error of the near stick, ready to be read')] public ?string $near,
        #[Field('what the board winds, ready to be read')] public string $board,
    ) {
    }
}
