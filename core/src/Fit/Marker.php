<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

/**
 * What leaves a line or gives a reading, with how wide that is. Knife and pencil lines: common practice; the rest from
 * memory.
 */
enum Marker: string
{
    case Knife = 'knife';
    case BladeGauge = 'blade-gauge';
    case PinGauge = 'pin-gauge';
    case HardPencil = 'hard-pencil';
    case Pencil = 'pencil';
    case Rule = 'rule';
    case Tape = 'tape';

    /** Width of the line, or of what the eye can tell apart on the rule, mm. */
    public function widthMm(): float
    {
        return match ($this) {
            self::Knife, self::BladeGauge => 0.05,
            self::PinGauge => 0.15,
            self::HardPencil => 0.3,
            self::Pencil => 0.5,
            self::Rule => 0.5,
            self::Tape => 1.0,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Knife => 'knife line',
            self::BladeGauge => 'wheel or blade gauge line',
            self::PinGauge => 'pin gauge line',
            self::HardPencil => 'hard, sharp pencil line',
            self::Pencil => 'ordinary pencil line',
            self::Rule => 'reading of a steel rule',
            self::Tape => 'reading of a tape',
        };
    }
}
