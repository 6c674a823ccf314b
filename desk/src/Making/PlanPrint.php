<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

use JackRest\Core\Outline\Path;
use JackRest\Desk\Print\Line;
use JackRest\Desk\Print\Mark;
use JackRest\Desk\Print\Sheet;
use JackRest\Desk\Print\Text;
use JackRest\Desk\Print\Tile;
use JackRest\Desk\Print\Tiling;
use JackRest\Desk\Print\Trace;

/**
 * The views of a plan at true size, one below the other, over as many sheets as it takes; long ones lie along the
 * paper.
 * Cut the face out and prick through.
 */
final readonly class PlanPrint
{
    private const SEEN_MM = 0.3;

    private const HIDDEN_MM = 0.2;

    private const NAME_MM = 4.0;

    private const DIM_MM = 2.8;

    private const BETWEEN_MM = 17.0;

    private const LEFT_MM = 4.0;

    private const TOP_MM = 13.0;

    public float $width;

    public float $height;

    /** @var list<Mark> */
    private array $marks;

    /** @param  non-empty-list<View>  $views */
    public function __construct(private string $title, array $views)
    {
        $marks = [];
        $y = self::TOP_MM;
        $widest = 0.0;
        foreach ($views as $index => $view) {
            [$upright, $isTurned] = self::upright($view);
            array_push(
                $marks,
                new Text(
                    self::LEFT_MM,
                    $y - 6,
                    $upright->name.($isTurned ? ' (lies along the paper)' : ''),
                    self::NAME_MM,
                    true,
                ),
                ...self::view($upright, "view-$index", self::LEFT_MM, $y),
            );
            $y += $upright->height + self::BETWEEN_MM;
            $widest = max($widest, $upright->width);
        }
        $this->marks = $marks;
        $this->width = $widest + 2 * self::LEFT_MM;
        $this->height = $y;
    }

    /** @return list<Tile> */
    public function tiles(): array
    {
        return Tiling::tiles($this->title, $this->width, $this->height, $this->marks);
    }

    /** All of it in one drawing, for a long printer. */
    public function whole(): Sheet
    {
        return new Sheet(
            $this->title,
            [...$this->marks, ...Sheet::checkLine(self::LEFT_MM, $this->height + 6)],
            max($this->width, self::LEFT_MM + Sheet::CHECK_MM + 70.0),
            $this->height + 12.0,
        );
    }

    /** @return array{View, bool} a view wider than the paper is turned where that takes fewer sheets */
    private static function upright(View $view): array
    {
        if ($view->width <= Tiling::WIDTH_MM - 2 * self::LEFT_MM || $view->width <= $view->height) {
            return [$view, false];
        }

        return [$view->turned(), true];
    }

    /** @return list<Mark> */
    private static function view(View $view, string $of, float $x, float $y): array
    {
        return [
            ...array_map(
                static fn (Path $path): Trace => new Trace($path->moved($x, $y), $of, self::SEEN_MM),
                $view->seen,
            ),
            ...array_merge(
                [],
                ...array_map(static fn (Path $path): array => self::dashed($path->moved($x, $y)), $view->hidden),
            ),
            ...array_map(static fn (Dim $dim): Text => self::dim($dim, $x, $y), $view->dims),
        ];
    }

    /** Its figure, beside the middle of what it measures. */
    private static function dim(Dim $dim, float $x, float $y): Text
    {
        return new Text(
            $x + ($dim->fromX + $dim->toX) / 2 + 1.0,
            $y + ($dim->fromY + $dim->toY) / 2 - 1.0,
            $dim->says,
            self::DIM_MM,
        );
    }

    /** @return list<Line> */
    private static function dashed(Path $path): array
    {
        return array_map(
            static fn (Line $line): Line => new Line(
                $line->fromX,
                $line->fromY,
                $line->toX,
                $line->toY,
                self::HIDDEN_MM,
                true,
            ),
            (new Trace($path, 'hidden'))->lines(),
        );
    }
}
