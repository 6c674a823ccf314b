<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

/** One use of a setting: with which of the gauges, and whether that has to be set for it. */
final readonly class GaugeStep
{
    /** @param  int  $gauge  from 1 */
    public function __construct(public string $setting, public int $gauge, public bool $isSet)
    {
    }
}
