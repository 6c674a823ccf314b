<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What the readings over the sticks come to. */
final readonly class WindingResultAnswer extends Answer
{
    /**
     * @param  list<WindingPointAnswer>  $corners
     */
    public function __construct(
        #[Field('how far the board winds over its width, mm')] public float $twistMm,
        #[Field('the same, ready to be read')] public string $twist,
        #[Field('the same, degrees')] public float $twistDeg,
        #[Field('how many times the sticks enlarge it')] public string $magnification,
        #[Field('the sticks\' own error; null: not turned')] public ?string $stickError,
        #[Field('what was seen over the sticks, mm')] public float $seenMm,
        #[Field('length of the sticks, mm')] public float $stickLengthMm,
        #[Field('width of the board, mm')] public float $boardWidthMm,
        #[Field('from the first place to the last, ready to be read')] public string $totalTwist,
        #[Field('what to take off where', of: WindingPointAnswer::class)] public array $corners,
    ) {
    }
}
