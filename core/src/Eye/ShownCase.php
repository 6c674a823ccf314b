<?php

declare(strict_types=1);

namespace JackRest\Core\Eye;

/** One case of an exercise whose truth is known: the same number gives the same case. */
final readonly class ShownCase
{
    /**
     * @param  string  $truth  one of the exercise's choices
     * @param  float  $shift  from -1 to 1: where on the screen it is drawn, so that no edge of it helps
     */
    private function __construct(
        public Exercise $exercise,
        public float $size,
        public string $truth,
        public float $shift,
    ) {
    }

    /**
     * @param  int  $seed  of the run
     * @param  int  $number  of the case in it, from 0
     * @param  float  $size  arc minutes
     */
    public static function of(Exercise $exercise, int $seed, int $number, float $size): self
    {
        $dice = crc32("{$exercise->value} $seed $number");
        $choices = $exercise->choices();

        return new self(
            $exercise,
            $size,
            $choices[intdiv($dice, 65_536) % count($choices)],
            2 * ($dice % 1000) / 999 - 1,
        );
    }
}
