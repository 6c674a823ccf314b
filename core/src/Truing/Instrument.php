<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

/** What a gap is read with; the resolution goes into the uncertainty. Common practice. */
enum Instrument: string
{
    case Rule = 'rule';
    case Feeler = 'feeler';
    case Loupe = 'loupe';
    case Caliper = 'caliper';

    /** The least difference it tells apart, mm. */
    public function resolutionMm(): float
    {
        return match ($this) {
            self::Rule => 0.25,
            self::Feeler => 0.05,
            self::Loupe => 0.05,
            self::Caliper => 0.01,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Rule => 'steel rule',
            self::Feeler => 'feeler gauges',
            self::Loupe => 'loupe with a scale',
            self::Caliper => 'caliper',
        };
    }
}
