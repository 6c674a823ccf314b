<?php

declare(strict_types=1);

namespace JackRest\Core\Outline;

use Closure;

/**
 * Straight lines and cubic Bézier curves from node to node, mm from the upper left corner.
 *
 * Closed, it is a body, which may have holes; open, a line on one. What must have straight lines alone, as a print or a
 * measure, takes its points: the curves as the chords of short arcs.
 *
 * @phpstan-type Point array{int|float, int|float}
 * @phpstan-type Curve array{int|float, int|float, int|float, int|float, int|float, int|float}
 * @phpstan-type Node Point|Curve
 */
final readonly class Path
{
    private const CURVE_CHORDS = 12;

    /** Of the radius, from the end of a quarter circle to where its curve is drawn to: off by 0.03 %. */
    private const QUARTER = 0.5523;

    /** @var list<Point> at least two */
    public array $points;

    /** @var list<list<Point>> each closed */
    public array $holes;

    /**
     * @param  list<Node>  $nodes  at least two; the first is a place
     * @param  list<list<Node>>  $holeNodes  each closed
     */
    private function __construct(
        public array $nodes,
        public bool $isClosed,
        public array $holeNodes = [],
        public Material $material = Material::Steel,
    ) {
        $this->points = self::flat($nodes);
        $this->holes = array_map(self::flat(...), $holeNodes);
    }

    /** @param  Node  ...$nodes */
    public static function closed(array ...$nodes): self
    {
        return new self(array_values($nodes), true);
    }

    /** @param  Node  ...$nodes */
    public static function open(array ...$nodes): self
    {
        return new self(array_values($nodes), false);
    }

    public static function box(float $x, float $y, float $width, float $height): self
    {
        return self::closed([$x, $y], [$x + $width, $y], [$x + $width, $y + $height], [$x, $y + $height]);
    }

    /** A box whose corners are rounded off. */
    public static function rounded(float $x, float $y, float $width, float $height, float $radius): self
    {
        $r = min($radius, $width / 2, $height / 2);
        $k = $r * (1 - self::QUARTER);
        [$right, $low] = [$x + $width, $y + $height];
        // A side that is all curve has no straight part, not one of a rounding error's length that runs backwards.
        [$isWide, $isHigh] = [$width > 2 * $r * (1 + 1e-9), $height > 2 * $r * (1 + 1e-9)];
        [$fromLeft, $fromTop] = [$isWide ? $x + $r : $x + $width / 2, $isHigh ? $y + $r : $y + $height / 2];
        [$toRight, $toLow] = [$isWide ? $right - $r : $fromLeft, $isHigh ? $low - $r : $fromTop];

        return self::closed(
            [$fromLeft, $y],
            ...$isWide ? [[$toRight, $y]] : [],
            ...[[$right - $k, $y, $right, $y + $k, $right, $fromTop]],
            ...$isHigh ? [[$right, $toLow]] : [],
            ...[[$right, $low - $k, $right - $k, $low, $toRight, $low]],
            ...$isWide ? [[$fromLeft, $low]] : [],
            ...[[$x + $k, $low, $x, $low - $k, $x, $toLow]],
            ...$isHigh ? [[$x, $fromTop]] : [],
            ...[[$x, $y + $k, $x + $k, $y, $fromLeft, $y]],
        );
    }

    public static function disc(float $x, float $y, float $radius): self
    {
        $k = $radius * self::QUARTER;
        [$right, $low, $left, $top] = [$x + $radius, $y + $radius, $x - $radius, $y - $radius];

        return self::closed(
            [$right, $y],
            [$right, $y + $k, $x + $k, $low, $x, $low],
            [$x - $k, $low, $left, $y + $k, $left, $y],
            [$left, $y - $k, $x - $k, $top, $x, $top],
            [$x + $k, $top, $right, $y - $k, $right, $y],
        );
    }

    /**
     * A bend from one point to another, drawn towards a third (a quadratic Bézier curve, written as a cubic one).
     *
     * @param  Point  $from
     * @param  Point  $towards
     * @param  Point  $to
     * @return list<Node> from its beginning on
     */
    public static function bend(array $from, array $towards, array $to): array
    {
        return [$from, [
            $from[0] + (2 * ($towards[0] - $from[0])) / 3,
            $from[1] + (2 * ($towards[1] - $from[1])) / 3,
            $to[0] + (2 * ($towards[0] - $to[0])) / 3,
            $to[1] + (2 * ($towards[1] - $to[1])) / 3,
            $to[0],
            $to[1],
        ]];
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

    /** The same, made of something. */
    public function of(Material $material): self
    {
        return new self($this->nodes, $this->isClosed, $this->holeNodes, $material);
    }

    /** This body with another one cut out of it. */
    public function without(self $hole): self
    {
        return new self($this->nodes, $this->isClosed, [...$this->holeNodes, $hole->nodes], $this->material);
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

    /** Half a turn inside a box of this size: what pointed up points down. */
    public function upsideDown(float $width, float $height): self
    {
        return $this->each(static fn (array $point): array => [$width - $point[0], $height - $point[1]]);
    }

    /** @param  Closure(Point): Point  $change */
    private function each(Closure $change): self
    {
        return new self(
            self::allChanged($this->nodes, $change),
            $this->isClosed,
            array_map(static fn (array $hole): array => self::allChanged($hole, $change), $this->holeNodes),
            $this->material,
        );
    }

    /**
     * @param  list<Node>  $nodes
     * @param  Closure(Point): Point  $change
     * @return list<Node>
     */
    private static function allChanged(array $nodes, Closure $change): array
    {
        $changed = [];
        foreach ($nodes as $node) {
            $changed[] = self::changed($node, $change);
        }

        return $changed;
    }

    /**
     * @param  Node  $node
     * @param  Closure(Point): Point  $change
     * @return Node
     */
    private static function changed(array $node, Closure $change): array
    {
        if (! isset($node[2])) {
            return $change([$node[0], $node[1]]);
        }
        [$first, $second, $to] = [
            $change([$node[0], $node[1]]),
            $change([$node[2], $node[3]]),
            $change([$node[4], $node[5]]),
        ];

        return [...$first, ...$second, ...$to];
    }

    /**
     * @param  list<Node>  $nodes
     * @return list<Point>
     */
    private static function flat(array $nodes): array
    {
        $points = [];
        foreach ($nodes as $node) {
            if (! isset($node[2])) {
                $points[] = [$node[0], $node[1]];

                continue;
            }
            [$fromX, $fromY] = $points[array_key_last($points) ?? 0];
            for ($chord = 1; $chord <= self::CURVE_CHORDS; $chord++) {
                $t = $chord / self::CURVE_CHORDS;
                $points[] = [
                    self::along($t, $fromX, $node[0], $node[2], $node[4]),
                    self::along($t, $fromY, $node[1], $node[3], $node[5]),
                ];
            }
        }

        return $points;
    }

    private static function along(float $t, float $from, float $first, float $second, float $to): float
    {
        $rest = 1 - $t;

        return $rest ** 3 * $from + 3 * $rest ** 2 * $t * $first + 3 * $rest * $t ** 2 * $second + $t ** 3 * $to;
    }
}
