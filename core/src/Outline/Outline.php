<?php

declare(strict_types=1);

namespace JackRest\Core\Outline;

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
     */
    public function __construct(
        public float $width,
        public float $height,
        public array $bodies,
        public array $details = [],
        public array $marks = [],
    ) {
    }

    public function moved(float $x, float $y): self
    {
        $move = static fn (Path $path): Path => $path->moved($x, $y);

        return new self($this->width, $this->height, array_map($move, $this->bodies), array_map($move, $this->details));
    }

    /** Hung a quarter turn to the right. */
    public function turned(): self
    {
        $turn = fn (Path $path): Path => $path->turned($this->height);

        return new self($this->height, $this->width, array_map($turn, $this->bodies), array_map($turn, $this->details));
    }
}
