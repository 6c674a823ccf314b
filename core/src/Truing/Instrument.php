<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

/** What a gap is read with; the resolution goes into the uncertainty. Common practice; that of light from memory. */
enum Instrument: string
{
    case Rule = 'rule';
    case Feeler = 'feeler';
    case Loupe = 'loupe';
    case Caliper = 'caliper';
    case Dial = 'dial';
    case Paper = 'paper';
    case Light = 'light';

    /** One sheet of office paper where nobody measured theirs, mm; from memory. */
    private const USUAL_PAPER_MM = 0.1;

    /**
     * The least difference it tells apart, mm: a sheet of paper goes in or it does not.
     *
     * @param  float|null  $paperMm  one sheet of the user's own paper
     * @param  array<string, float>  $eyeMm  what the user's own eye tells apart reliably, mm, by instrument
     */
    public function resolutionMm(?float $paperMm = null, array $eyeMm = []): float
    {
        return match ($this) {
            self::Rule => $eyeMm[$this->value] ?? 0.25,
            self::Feeler => 0.05,
            self::Loupe => 0.05,
            self::Caliper, self::Dial => 0.01,
            self::Paper => $paperMm ?? self::USUAL_PAPER_MM,
            self::Light => $eyeMm[$this->value] ?? 0.02,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Rule => 'steel rule',
            self::Feeler => 'feeler gauges',
            self::Loupe => 'loupe with a scale',
            self::Caliper => 'caliper',
            self::Dial => 'dial indicator',
            self::Paper => 'one sheet of paper',
            self::Light => 'light showing through',
        };
    }
}
