<?php

declare(strict_types=1);

namespace App\Season\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One day of air; of a long log several on end. */
final readonly class SeasonDayAnswer extends Answer
{
    public function __construct(
        #[Field('the day, counted since 1970')] public int $day,
        #[Field('the last day that it stands for')] public int $until,
        #[Field('temperature, °C')] public float $tempC,
        #[Field('lowest relative humidity, %')] public float $lowRhPct,
        #[Field('highest relative humidity, %')] public float $highRhPct,
        #[Field('moisture the wood tends to, %')] public float $restPct,
        #[Field('moisture of the wood, %')] public ?float $woodPct,
    ) {
    }
}
