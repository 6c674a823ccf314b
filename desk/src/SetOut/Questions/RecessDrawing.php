<?php

declare(strict_types=1);

namespace JackRest\Desk\SetOut\Questions;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Outline\Path;
use JackRest\Core\Setting\RecessPass;
use JackRest\Core\Setting\RecessSetupResult;
use JackRest\Desk\Making\Dim;
use JackRest\Desk\Making\View;
use JackRest\Desk\SetOut\Typed;

/** A recess in section, with the plane that cuts it down at its depth: body or skate, fence, stems. */
final class RecessDrawing
{
    /** The fence's thickness, its air from the work, and how far down it reaches; drawn so, from memory. */
    private const FENCE_MM = 10.0;

    private const FREE_MM = 0.6;

    private const FENCE_DEEP = 0.7;

    /** A plough runs on a thin plate, its skate; from memory. */
    private const SKATE_MM = 3.0;

    private const STEM_MM = 5.0;

    /** How much of the plane is drawn above the work. */
    private const ABOVE_MM = 22.0;

    public static function section(
        RecessPlane $plane,
        Typed $typed,
        RecessSetupResult $setup,
        LengthFormatter $format,
    ): View {
        [$edge, $width, $depth, $stock] = [
            $typed->get('edge'), $typed->get('width'), $typed->get('depth'), $typed->get('stock'),
        ];
        $far = $edge + $width;
        $whole = $far + max(25.0, $stock);
        $pass = $setup->passes[0];
        $iron = [$pass->toMm - $setup->ironMm, $pass->toMm];
        // What stands out on the fence's side makes room for itself at the left.
        $room = $plane->fenceMax === null ? max(0.0, -$iron[0]) : max(self::FENCE_MM, -$iron[0]);
        $draw = new self($room);

        return new View(
            'In section, the plane at its depth',
            $whole + $room,
            $stock + self::ABOVE_MM,
            [
                $draw->closed(self::work($edge, $far, $depth, $whole, $stock)),
                ...$draw->plane($plane, $iron, $depth, $stock),
            ],
            array_map(
                static fn (RecessPass $pass): Path => $draw->box($pass->fromMm, 0, $pass->toMm, $depth),
                $setup->passes,
            ),
            [
                Dim::across($edge + $room, $far + $room, 0, $format->dimension($width), 'above'),
                Dim::down(
                    self::ABOVE_MM,
                    self::ABOVE_MM + $depth,
                    $whole + $room,
                    $format->dimension($depth),
                    'right',
                ),
                ...$draw->underTheFence($plane, $iron[0], $format),
                ...$edge > 0
                    ? [Dim::across($room, $edge + $room, $stock + self::ABOVE_MM, $format->dimension($edge), 'below')]
                    : [],
            ],
        );
    }

    private function __construct(private readonly float $room)
    {
    }

    /** @return list<array{float, float}> the wood with the recess in it; mm from its own upper edge */
    private static function work(float $edge, float $far, float $depth, float $whole, float $stock): array
    {
        $beyond = [[$far, $depth], [$far, 0.0], [$whole, 0.0], [$whole, $stock], [0.0, $stock]];

        return $edge > 0
            ? [[0.0, 0.0], [$edge, 0.0], [$edge, $depth], ...$beyond]
            : [[0.0, $depth], ...$beyond];
    }

    /**
     * @param  array{float, float}  $iron  where it runs, mm from the edge
     * @return list<Path>
     */
    private function plane(RecessPlane $plane, array $iron, float $depth, float $stock): array
    {
        $middle = ($iron[0] + $iron[1]) / 2;
        $half = $plane->isPlough ? min(self::SKATE_MM, $iron[1] - $iron[0]) / 2 : ($iron[1] - $iron[0]) / 2;
        $body = $this->plate($middle - $half, -self::ABOVE_MM, $middle + $half, $depth);
        if ($plane->fenceMax === null) {
            return [$body];
        }
        // A fence under the sole hangs from it; another hangs on stems beside the work.
        $top = $plane->fenceUnderSole ? $depth : -self::ABOVE_MM * 0.8;
        $deep = $plane->fenceUnderSole ? $depth + ($stock - $depth) * self::FENCE_DEEP : $stock * self::FENCE_DEEP;
        $fence = $this->plate(-self::FENCE_MM, $top, -self::FREE_MM, $deep);
        $stem = $plane->fenceUnderSole
            ? []
            : [$this->plate(
                -self::FREE_MM,
                -self::ABOVE_MM * 0.7,
                $middle - $half,
                -self::ABOVE_MM * 0.7 + self::STEM_MM,
            )];

        return [$fence, ...$stem, $body];
    }

    /**
     * What of the iron lies over a fence under the sole: that is how the fence is set.
     *
     * @return list<Dim>
     */
    private function underTheFence(RecessPlane $plane, float $from, LengthFormatter $format): array
    {
        return $plane->fenceUnderSole && $from < 0
            ? [Dim::across($from + $this->room, $this->room, 0, $format->dimension(-$from), 'above')]
            : [];
    }

    /** The plane is drawn by its lines alone: the wood is filled, and seen behind it. */
    private function plate(float $left, float $top, float $right, float $bottom): Path
    {
        $at = fn (float $x, float $y): array => [$x + $this->room, $y + self::ABOVE_MM];

        return Path::open(
            $at($left, $top),
            $at($right, $top),
            $at($right, $bottom),
            $at($left, $bottom),
            $at($left, $top),
        );
    }

    private function box(float $left, float $top, float $right, float $bottom): Path
    {
        return $this->closed([[$left, $top], [$right, $top], [$right, $bottom], [$left, $bottom]]);
    }

    /** @param  list<array{float, float}>  $points */
    private function closed(array $points): Path
    {
        return Path::closed(...array_map(
            fn (array $point): array => [$point[0] + $this->room, $point[1] + self::ABOVE_MM],
            $points,
        ));
    }
}
