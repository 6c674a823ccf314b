<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What a straightedge is drawn by. */
final readonly class StraightedgeDrawnAnswer extends Answer
{
    /**
     * @param  list<float>  $stationsMm
     * @param  list<StraightedgeStrokeAnswer>  $strokes
     * @param  list<list<float>>  $leaves
     */
    public function __construct(
        #[Field('how far it is from straight, ready to be read')] public string $straightness,
        #[Field('what shape it has')] public string $shape,
        #[Field('the places along it, mm', of: 'number')] public array $stationsMm,
        #[Field('stroke by stroke', of: StraightedgeStrokeAnswer::class)] public array $strokes,
        #[
            Field('what stands at each station before the first stroke and after each, mm', of: 'numbers'),
        ]
        public array $leaves,
        #[Field('how many strokes there are')] public int $strokeCount,
    ) {
    }
}
