<?php

declare(strict_types=1);

namespace App\Rack\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;

/** The stones. */
final readonly class RackAnswer extends Answer
{
    /**
     * @param  list<StoneAnswer>  $stones
     * @param  list<RackNoteAnswer>  $notes
     * @param  list<RackGapAnswer>  $gaps
     * @param  list<MediumCostAnswer>  $costs
     * @param  list<MediumAnswer>  $media
     * @param  list<ScaleAnswer>  $scales
     */
    public function __construct(
        #[Field('stone by stone', of: StoneAnswer::class)] public array $stones,
        #[Field('what is to be said of it', of: RackNoteAnswer::class)] public array $notes,
        #[Field('what is missing between', of: RackGapAnswer::class)] public array $gaps,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('what each kind of stone costs to use', of: MediumCostAnswer::class)] public array $costs,
        #[Field('how many edges are honed in a year')] public int $edgesPerYear,
        #[Field('which kinds of stone there are', of: MediumAnswer::class)] public array $media,
        #[Field('how grit can be counted', of: ScaleAnswer::class)] public array $scales,
    ) {
    }
}
