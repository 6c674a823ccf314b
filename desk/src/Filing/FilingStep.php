<?php

declare(strict_types=1);

namespace JackRest\Desk\Filing;

use JackRest\Desk\AtBench\StepShape;

/** One step of filing a saw, as it is walked: so many teeth, one after another. */
final readonly class FilingStep
{
    /**
     * @param  string  $tool  what is in the hand
     * @param  string  $says  what is done at each of them
     * @param  int  $count  how many teeth, gullets or strokes
     * @param  string  $of  what is counted: teeth, gullets, strokes
     * @param  string  $see  when it is done
     * @param  StepShape|null  $shape  what is drawn of it
     */
    public function __construct(
        public string $tool,
        public string $says,
        public int $count,
        public string $of,
        public float $seconds,
        public string $see,
        public ?StepShape $shape = null,
    ) {
    }
}
