<?php

declare(strict_types=1);

namespace JackRest\Core\Eye;

/**
 * A saw that is steered to a line, stroke by stroke: each stroke goes a little deeper, the plate turns a little by
 * itself, and the hand turns it back. The deeper the kerf, the less it can be turned: the cut is decided in its first
 * strokes.
 * A model to train with; its numbers are from memory.
 */
final readonly class Kerf
{
    public const STROKES = 24;

    /** Deeper at each stroke, mm. */
    public const STEP_MM = 1.0;

    /** The hand turns the plate so much at the first stroke, degrees. */
    private const STEER_DEG = 1.5;

    /** At this depth it turns half as much, mm. */
    private const HALF_MM = 8.0;

    /** The plate turns by itself up to so much at a stroke, degrees. */
    private const STRAYS_DEG = 1.2;

    /**
     * @param  list<float>  $xMm  off the line after each stroke, from 0; more than 0 lies to the right
     */
    private function __construct(public array $xMm)
    {
    }

    /** @param  list<string>  $steered  left, straight or right, stroke by stroke */
    public static function of(int $seed, array $steered): self
    {
        $x = [0.0];
        $deg = self::stray($seed, -1) / 2;
        foreach ($steered as $stroke => $way) {
            $turns = 1 / (1 + $stroke * self::STEP_MM / self::HALF_MM);
            $deg += $turns * (self::stray($seed, $stroke) + match ($way) {
                'left' => -self::STEER_DEG,
                'right' => self::STEER_DEG,
                default => 0.0,
            });
            $x[] = $x[$stroke] + self::STEP_MM * tan(deg2rad($deg));
        }

        return new self($x);
    }

    /** The farthest off the line, mm. */
    public function worstMm(): float
    {
        return max(0.0, ...array_map(abs(...), $this->xMm));
    }

    /** How the plate turns by itself at a stroke, degrees. */
    private static function stray(int $seed, int $stroke): float
    {
        return self::STRAYS_DEG * (2 * (crc32("kerf $seed $stroke") % 10_001) / 10_000 - 1);
    }
}
