<?php

declare(strict_types=1);

namespace JackRest\Core\Timber;

use JackRest\Core\Calculation\Field;
use JackRest\Core\Calculation\InvalidInput;

final readonly class MoistureCourseInput
{
    /**
     * @param  list<ClimateDay>  $climate
     *
     * @throws InvalidInput when days do not ascend, or the end lies before them
     */
    public function __construct(
        #[Field('thickness of the piece, mm', above: 0)] public float $thicknessMm,
        #[Field('moisture content on the first day, per cent', atLeast: 0, atMost: 30)] public float $startMcPct,
        #[
            Field(
                'the air, each entry holding until the next; days ascend',
                of: ClimateDay::class,
                minItems: 1,
                maxItems: 100000,
            ),
        ]
        public array $climate,
        #[Field('last day of the course')] public float $untilDay,
        #[
            Field('days in which two thirds of a change are made; 14·(thickness/12)² if not given', above: 0),
        ]
        public ?float $timeConstantDays = null,
    ) {
        foreach (array_slice($climate, 1) as $index => $entry) {
            if ($entry->day <= $climate[$index]->day) {
                throw InvalidInput::because(
                    'climate['.($index + 1).'].day',
                    "must come after the day before it ({$climate[$index]->day})",
                );
            }
        }
        $last = $climate[count($climate) - 1]->day;
        if ($untilDay < $last) {
            throw InvalidInput::because('untilDay', "must not lie before the last day of the climate ($last)");
        }
    }

    public function timeConstant(): float
    {
        return $this->timeConstantDays ?? Lag::timeConstant($this->thicknessMm);
    }
}
