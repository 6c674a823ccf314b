<?php

declare(strict_types=1);

namespace JackRest\Core\Outline;

/**
 * Draws a path node by node, in shares of a box: 0 to 1 from its left, 0 to 1 from its top.
 *
 * @phpstan-import-type Node from Path
 */
final readonly class Pen
{
    /** @param  list<Node>  $nodes */
    private function __construct(
        private float $x,
        private float $y,
        private float $width,
        private float $height,
        private array $nodes = [],
    ) {
    }

    /** A box of its own, mm, its upper left corner at a place of the tool's. */
    public static function in(float $width, float $height, float $x = 0, float $y = 0): self
    {
        return new self($x, $y, $width, $height);
    }

    /** Straight to a place; the first begins the path. */
    public function to(float $across, float $down): self
    {
        return $this->with($this->point($across, $down));
    }

    /** A cubic Bézier curve to a place, drawn towards two others. */
    public function curve(float $x1, float $y1, float $x2, float $y2, float $across, float $down): self
    {
        return $this->with([...$this->point($x1, $y1), ...$this->point($x2, $y2), ...$this->point($across, $down)]);
    }

    public function closed(Material $of): Path
    {
        return Path::closed(...$this->nodes)->of($of);
    }

    public function open(): Path
    {
        return Path::open(...$this->nodes);
    }

    /** @return array{float, float} */
    private function point(float $across, float $down): array
    {
        return [$this->x + $across * $this->width, $this->y + $down * $this->height];
    }

    /** @param  Node  $node */
    private function with(array $node): self
    {
        return new self($this->x, $this->y, $this->width, $this->height, [...$this->nodes, $node]);
    }
}
