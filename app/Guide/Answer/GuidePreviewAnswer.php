<?php

declare(strict_types=1);

namespace App\Guide\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Form\Reading;

/** A guide as far as it has been typed. */
final readonly class GuidePreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $figures
     * @param  list<GuideStopAnswer>  $stops
     */
    public function __construct(
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
        #[Field('diameter of the roller, mm; null: not known')] public ?float $rollerMm,
        #[Field('how far the axle lies behind the clamp, mm; null: not known')] public ?float $setbackMm,
        #[Field('how far the axle lies below the clamp, mm; null: not known')] public ?float $dropMm,
        #[Field('what is said of the axle; null: nothing')] public ?string $axleSays,
        #[Field('the stops of its setting board', of: GuideStopAnswer::class)] public array $stops,
        #[Field('why it cannot be computed; null: it can')] public ?string $objection,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('whether it can be recorded as it is')] public bool $sound,
    ) {
    }
}
