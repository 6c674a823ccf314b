<?php

declare(strict_types=1);

namespace App\Season\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;

/** The shed's air, and what the wood makes of it. */
final readonly class SeasonAnswer extends Answer
{
    /**
     * @param  list<SeasonDayAnswer>  $days
     * @param  list<SeasonGapAnswer>  $gaps
     * @param  list<string>  $lines
     * @param  list<Explanation>  $how
     * @param  list<SeasonForecastAnswer>  $forecasts
     * @param  list<StretchAnswer>  $stretches
     * @param  list<WordAnswer>  $species
     */
    public function __construct(
        #[Field('the thickness that was typed, and how it was understood')] public Reading $thickness,
        #[Field('the thickness it was computed for, ready to be read')] public string $thick,
        #[Field('how many')] public int $count,
        #[Field('day by day; of a long log several days to a point', of: SeasonDayAnswer::class)] public array $days,
        #[Field('the last day')] public ?SeasonDayAnswer $last,
        #[Field('what is missing between', of: SeasonGapAnswer::class)] public array $gaps,
        #[Field('line by line, ready to be read', of: 'string')] public array $lines,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
        #[Field('what was forecast and how it turned out', of: SeasonForecastAnswer::class)] public array $forecasts,
        #[Field('how good the forecasts were, in one sentence')] public string $score,
        #[Field('what was recorded, in stretches', of: StretchAnswer::class)] public array $stretches,
        #[Field('which species there are', of: WordAnswer::class)] public array $species,
    ) {
    }
}
