<?php

declare(strict_types=1);

namespace JackRest\Core\Outline;

use Closure;

/**
 * Straight lines through points, mm from the upper left corner; curves are written as the chords of short arcs.
 *
 * Closed, it is a body, which may have holes; open, a line on one.
 *
 * @phpstan-type Point array{int|float, int|float}
 */
final readonly class Path
{
    /** Chords of a full circle: off by half a hundredth of its radius. */
    private const CHORDS = 32;

    private const BEND_CHORDS = 12;

    /**
     * @param  list<Point>  $points  at least two
     * @param  list<list<Point>>  $holes  each closed
     */
    private function __construct(public array $points, public bool $isClosed, public array $holes = [])
    {
    }

    /** @param  Point  ...$points */
    public static function closed(array ...$points): self
    {
        return new self(array_values($points), true);
    }

    /** @param  Point  ...$points */
    public static function open(array ...$points): self
    {
        return new self(array_values($points), false);
    }

    public static function box(float $x, float $y, float $width, float $height): self
    {
        return self::closed([$x, $y], [$x + $width, $y], [$x + $width, $y + $height], [$x, $y + $height]);
    }

    public static function disc(float $x, float $y, float $radius): self
    {
        return self::closed(
            ...array_map(
                static fn (int $chord): array => [
                    $x + $radius * cos((2 * M_PI * $chord) / self::CHORDS),
                    $y + $radius * sin((2 * M_PI * $chord) / self::CHORDS),
                ],
                range(0, self::CHORDS - 1),
            ),
        );
    }

    /**
     * A bend from one point to another, drawn towards a third (a quadratic Bézier curve).
     *
     * @param  Point  $from
     * @param  Point  $towards
     * @param  Point  $to
     * @return list<Point> both ends included
     */
    public static function bend(array $from, array $towards, array $to): array
    {
        $at = static fn (float $t, int $axis): float => (1 - $t) ** 2 * $from[$axis] +
            2 * $t * (1 - $t) * $towards[$axis] +
            $t ** 2 * $to[$axis];

        return array_map(
            static fn (int $chord): array => [
                $at($chord / self::BEND_CHORDS, 0),
                $at($chord / self::BEND_CHORDS, 1),
            ],
            range(0, self::BEND_CHORDS),
        );
    }

    /**
     * @param  array<Point>  $shares
     * @return list<Point>
     */
    private static function scaled(array $shares, float $width, float $height): array
    {
        $points = [];
        foreach ($shares as [$across, $up]) {
            $points[] = [$across * $width, $up * $height];
        }

        return $points;
    }

    /** @return Closure(Point...): self a shape given in shares of a box, 0 to 1 along each side */
    public static function inBox(float $width, float $height): Closure
    {
        return static function (array ...$shares) use ($width, $height): self {
            /** @var list<Point> $shares */
            return self::closed(...self::scaled($shares, $width, $height));
        };
    }

    /** This body with another one cut out of it. */
    public function without(self $hole): self
    {
        return new self($this->points, $this->isClosed, [...$this->holes, $hole->points]);
    }

    public function moved(float $x, float $y): self
    {
        return $this->each(static fn (array $point): array => [$point[0] + $x, $point[1] + $y]);
    }

    /** A quarter turn to the right inside a box of this height: what pointed up points right. */
    public function turned(float $height): self
    {
        return $this->each(static fn (array $point): array => [$height - $point[1], $point[0]]);
    }

    /** @param  Closure(Point): Point  $change */
    private function each(Closure $change): self
    {
        return new self(
            array_map($change, $this->points),
            $this->isClosed,
            array_map(static fn (array $hole): array => array_map($change, $hole), $this->holes),
        );
    }
}
