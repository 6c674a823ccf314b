<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

use JackRest\Core\Timber\Hardness;

/** Shorthand for the lists of patterns: an operation with its numbers, and the tasks that every board asks for. */
final class Ask
{
    /** The tolerance of an edge that is to be glued, and of one that is only seen, mm. Common practice. */
    public const GLUED_MM = 0.15;

    public const SEEN_MM = 0.4;

    public static function for(string $operation, ?Facts $facts = null, int $minGrade = 3): Task
    {
        return new Task(Operations::named($operation), $facts ?? new Facts(), $minGrade);
    }

    /**
     * To bring a rough board to size: sawn, flat, straight, square, to width and thickness.
     *
     * @return list<Task>
     */
    public static function board(float $thickness, float $width, float $length, Hardness $hardness): array
    {
        return [
            self::for('measure', Facts::of(length: min($length, 300.0))),
            self::for('rip', Facts::of(thickness: $thickness, width: $width, length: $length, hardness: $hardness)),
            self::for('crosscut', Facts::of(thickness: $thickness, width: $width, hardness: $hardness)),
            self::for('flatten-coarse'),
            self::for('flatten', Facts::of(length: $length, width: $width)),
            self::for('check-flat', Facts::of(length: $length)),
            self::for('check-wind', Facts::of(width: $width)),
            self::for('joint-edge', Facts::of(length: $length, tolerance: self::SEEN_MM)),
            self::for('check-square', Facts::of(thickness: $thickness)),
            self::for('bring-to-width', Facts::of(width: $width, length: $length)),
            self::for('thickness', Facts::of(length: $length)),
            self::for('mark-square', Facts::of(width: $width), 4),
        ];
    }

    /**
     * Mortise and tenon: marked, chopped, sawn and fitted.
     *
     * @return list<Task>
     */
    public static function mortiseAndTenon(
        float $mortise,
        float $stock,
        float $rail,
        float $tenonLength,
        Hardness $hardness,
    ): array {
        return [
            self::for('mark-mortise', Facts::of(width: $mortise)),
            self::for('chop-mortise', Facts::of(width: $mortise, depth: $tenonLength, hardness: $hardness)),
            self::for(
                'saw-tenon-cheek',
                Facts::of(thickness: $rail, depth: $tenonLength, width: $rail, hardness: $hardness),
            ),
            self::for(
                'saw-tenon-shoulder',
                Facts::of(thickness: $rail, depth: ($stock - $mortise) / 2, hardness: $hardness),
            ),
            self::for('fit-tenon-cheek'),
            self::for('fit-tenon-shoulder', Facts::of(depth: ($stock - $mortise) / 2)),
        ];
    }
}
