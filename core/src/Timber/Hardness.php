<?php

declare(strict_types=1);

namespace JackRest\Core\Timber;

use JackRest\Core\Labelled;

/** How hard the wood is to saw and bore: pine, walnut, oak. */
enum Hardness: string implements Labelled
{
    case Soft = 'soft';
    case Medium = 'medium';
    case Hard = 'hard';

    public function label(): string
    {
        return match ($this) {
            self::Soft => 'soft (pine, lime)',
            self::Medium => 'medium (walnut, cherry)',
            self::Hard => 'hard (oak, maple)',
        };
    }

    /** How much a minute of work in it blunts, beside one in medium wood; from memory. */
    public function blunting(): float
    {
        return match ($this) {
            self::Soft => 0.75,
            self::Medium => 1.0,
            self::Hard => 1.5,
        };
    }
}
