<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

/**
 * A plane laid under, through or around the points of a surface: z = height + across·x + along·y.
 *
 * Points are best given with x and y from −1 to 1, so that the linear programs are of one size whatever the surface's.
 * Source: linear programming ({@see LinearProgram}); the minimum zone is ISO 12781.
 */
final readonly class Plane
{
    /** How much the mean removal weighs beside the largest: so little that it only breaks ties. */
    private const TOTAL = 1e-6;

    private function __construct(public float $height, public float $across, public float $along)
    {
    }

    /**
     * Below all points, the largest removal the least, and of those planes the one that takes least in total.
     *
     * @param  non-empty-list<array{float, float, float}>  $points  x, y, z
     */
    public static function below(array $points): self
    {
        // Unknown: height p, slopes q and r, and the largest removal M, which alone weighs: the total only decides
        // between equals.
        $rows = [];
        foreach ($points as [$x, $y, $z]) {
            $rows[] = [[-1.0, -$x, -$y, 0.0], -$z];
            $rows[] = [[1.0, $x, $y, 1.0], $z];
        }
        $weight = self::TOTAL / count($points);
        [$height, $across, $along] = LinearProgram::least(
            [
                -self::TOTAL,
                -$weight * array_sum(array_column($points, 0)),
                -$weight * array_sum(array_column($points, 1)),
                1.0,
            ],
            $rows,
        );

        return new self($height, $across, $along);
    }

    /**
     * In the middle of the two nearest parallel planes that hold every point.
     *
     * @param  non-empty-list<array{float, float, float}>  $points
     */
    public static function amid(array $points): self
    {
        $rows = [];
        foreach ($points as [$x, $y, $z]) {
            $rows[] = [[-1.0, -$x, -$y, 1.0], -$z];
            $rows[] = [[1.0, $x, $y, 1.0], $z];
        }
        [$height, $across, $along] = LinearProgram::least([0.0, 0.0, 0.0, 1.0], $rows);

        return new self($height, $across, $along);
    }

    /**
     * How far each point stands over the plane, never less than nought.
     *
     * @param  list<array{float, float, float}>  $points
     * @return list<float>
     */
    public function above(array $points): array
    {
        return array_map(static fn (float $mm): float => max(0.0, $mm), $this->heights($points));
    }

    /**
     * @param  list<array{float, float, float}>  $points
     * @return list<float> each point's height over the plane, below it less than nought
     */
    public function heights(array $points): array
    {
        return array_map(
            fn (array $point): float => self::clean(
                $point[2] - $this->height - $this->across * $point[0] - $this->along * $point[1],
            ),
            $points,
        );
    }

    /** A height thinner than a nanometre is the arithmetic's, not the surface's. */
    private static function clean(float $mm): float
    {
        return abs($mm) < 1e-8 ? 0.0 : $mm;
    }
}
