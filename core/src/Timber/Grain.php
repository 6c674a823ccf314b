<?php

declare(strict_types=1);

namespace JackRest\Core\Timber;

/** Which way a cut runs, and so which teeth it wants. */
enum Grain: string
{
    case Along = 'along';
    case Across = 'across';

    /** How a saw's teeth are kept as a dimension. */
    public const RIP = 1.0;

    public const CROSS = 2.0;

    public const BOTH = 3.0;

    public function teeth(): string
    {
        return $this === self::Along ? 'rip' : 'crosscut';
    }

    public function suits(float $cut): bool
    {
        return $cut === self::BOTH || $cut === ($this === self::Along ? self::RIP : self::CROSS);
    }

    public static function named(float $cut): string
    {
        return match ($cut) {
            self::RIP => 'rip',
            self::CROSS => 'cross',
            default => 'both',
        };
    }
}
