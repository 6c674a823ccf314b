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
        $range =
            '('.
            LengthFormatter::decimal($this->compared->least, 1).
            ' to '.
            LengthFormatter::decimal($this->compared->most, 1).
            ' times)';
        $times = LengthFormatter::decimal($this->compared->ratio, 1);

        return $this->compared->areToldApart()
            ? ucfirst(
                "{$this->compared->better} goes $times times as long between honings as {$this->compared->worse} "
                    ."$range.",
            )
            : ucfirst(
                "{$this->compared->better} seems to go $times times as long as {$this->compared->worse} $range: your "
                    .'record cannot tell yet.',
            );
    }
}
