<?php

declare(strict_types=1);

namespace Instruments;

/** What is simulated: how fine it reads, how it trembles, how it wanders. Figures from memory. */
enum Kind: string
{
    case Dial = 'dial';
    case Caliper = 'caliper';
    case Hygrometer = 'hygrometer';

    /** The least difference it shows, in its unit. */
    public function resolution(): float
    {
        return match ($this) {
            self::Dial, self::Caliper => 0.01,
            self::Hygrometer => 0.5,
        };
    }

    /** Standard deviation of one reading, in its unit. */
    public function noise(): float
    {
        return match ($this) {
            self::Dial => 0.004,
            self::Caliper => 0.012,
            self::Hygrometer => 0.8,
        };
    }

    /** How far its nought wanders in an hour, in its unit. */
    public function driftPerHour(): float
    {
        return match ($this) {
            self::Dial => 0.01,
            self::Caliper => 0.0,
            self::Hygrometer => 0.3,
        };
    }

    public function unit(): string
    {
        return $this === self::Hygrometer ? '%' : 'mm';
    }

    public function decimals(): int
    {
        return $this === self::Hygrometer ? 1 : 2;
    }
}
