<?php

declare(strict_types=1);

namespace JackRest\Core\Outline;

/**
 * A dimension of a tool where it is measured on its outline.
 *
 * @phpstan-import-type Point from Path
 */
final readonly class OutlineMark
{
    /**
     * @param  string  $name  of the dimension
     * @param  Point  $from
     * @param  Point  $to
     */
    public function __construct(public string $name, public array $from, public array $to)
    {
    }

    public function moved(float $x, float $y): self
    {
        return new self(
            $this->name,
            [$this->from[0] + $x, $this->from[1] + $y],
            [$this->to[0] + $x, $this->to[1] + $y],
        );
    }

    public static function along(string $name, float $length, float $y): self
    {
        return new self($name, [0, $y], [$length, $y]);
    }

    public static function upright(string $name, float $height, float $x): self
    {
        return new self($name, [$x, 0], [$x, $height]);
    }
}
