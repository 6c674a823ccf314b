<?php

declare(strict_types=1);

namespace JackRest\Desk\EdgeHistory;

use JackRest\Core\Edge\Blade;
use JackRest\Core\EdgeHistory\Consumption;
use JackRest\Core\Measure\LengthFormatter;

/** How fast a blade is used up, in words. */
final readonly class ConsumptionWords
{
    public function __construct(private Consumption $used)
    {
    }

    /** @return list<string> */
    public function sentences(Blade $blade, ?float $leftMm, LengthFormatter $format): array
    {
        $honings = $this->used->honingsToWheel($blade);
        $years = $this->used->years($leftMm);
        $own = $this->used->isOwn ? 'on your record' : 'from memory, until you have a record';
        $back = match (true) {
            $honings === null => null,
            $honings === 0 => 'The bevel goes back to the wheel now.',
            default => 'The bevel goes back to the wheel after '.
                ($honings === 1 ? 'one honing' : "$honings honings").
                " ({$format->small($this->used->honingMm)} each, $own).",
        };
        $left = match (true) {
            $leftMm === null => null,
            $years === null => "{$format->dimension($leftMm)} of blade are left.",
            $years > 99 => "{$format->dimension($leftMm)} of blade are left: more than a lifetime.",
            default => "{$format->dimension($leftMm)} of blade are left: about ".
                DaysInWords::about($years * 365.25).
                ' at '.
                LengthFormatter::decimal((float) $this->used->honingsPerYear, 0).
                ' honings a year.',
        };

        return array_values(array_filter([$back, $left], is_string(...)));
    }
}
