<?php

declare(strict_types=1);

namespace JackRest\Core\Outline;

use Closure;

/**
 * One tool in its own outline, mm, as it hangs: drawn from its own dimensions.
 *
 * What is not among its dimensions (a handle's curve, a knob) is drawn in usual proportions, common practice.
 */
final readonly class Outline
{
    /**
     * @param  list<Path>  $bodies  closed
     * @param  list<Path>  $details  lines on them
     * @param  list<OutlineMark>  $marks  its dimensions where they are measured
     * @param  list<Path>  $edges  open, what of it cuts
     */
    public function __construct(
        public float $width,
        public float $height,
        public array $bodies,
        public array $details = [],
        public array $marks = [],
        public array $edges = [],
    ) {
    }

    /** With a box that holds all that is drawn: where sizes are unusual, proportions reach beyond what was measured. */
    public function enclosed(): self
    {
        $paths = [...$this->bodies, ...$this->details, ...$this->edges];
        $points = array_merge(...array_map(static fn (Path $path): array => $path->points, $paths));
        [$across, $down] = [array_column($points, 0), array_column($points, 1)];
        [$left, $top] = [min(0, ...$across), min(0, ...$down)];
        [$right, $low] = [max($this->width, ...$across), max($this->height, ...$down)];
        if ($left === 0 && $top === 0 && $right === $this->width && $low === $this->height) {
            return $this;
        }
        $moved = $this->moved(-$left, -$top);
        $marks = array_map(static fn (OutlineMark $mark): OutlineMark => $mark->moved(-$left, -$top), $this->marks);

        return new self($right - $left, $low - $top, $moved->bodies, $moved->details, $marks, $moved->edges);
    }

    public function moved(float $x, float $y): self
    {
        return $this->each($this->width, $this->height, static fn (Path $path): Path => $path->moved($x, $y));
    }

    /** Hung a quarter turn to the right. */
    public function turned(): self
    {
        return $this->each($this->height, $this->width, fn (Path $path): Path => $path->turned($this->height));
    }

    /** @param  Closure(Path): Path  $change */
    private function each(float $width, float $height, Closure $change): self
    {
        return new self(
            $width,
            $height,
            array_map($change, $this->bodies),
            array_map($change, $this->details),
            edges: array_map($change, $this->edges),
        );
    }
}
