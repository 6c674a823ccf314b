<?php

declare(strict_types=1);

namespace JackRest\Desk\EdgeHistory;

use JackRest\Core\EdgeHistory\EdgeLifeComparison;
use JackRest\Core\Measure\LengthFormatter;

/** Which of two sorts goes longer between honings, in words. */
final readonly class ComparisonWords
{
    public function __construct(private EdgeLifeComparison $compared)
    {
    }

    public function sentence(): string
    {
        [$better, $worse] = [$this->compared->better, $this->compared->worse];
        if (! $this->compared->areToldApart()) {
            return ucfirst("$better or $worse: your record can’t tell yet which goes longer between honings.");
        }
        $times = LengthFormatter::decimal($this->compared->ratio, 1);
        $least = LengthFormatter::decimal($this->compared->least, 1);
        $most = LengthFormatter::decimal($this->compared->most, 1);

        return ucfirst("$better goes $times times as long between honings as $worse ($least to $most times).");
    }
}
