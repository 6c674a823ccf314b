<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

/** A dimension of a view: between two points of it, mm; its line stands off to a side where there is room. */
final readonly class Dim
{
    /** @param  'above'|'below'|'left'|'right'|null  $side  null: the nearer side of the view */
    private function __construct(
        public float $fromX,
        public float $fromY,
        public float $toX,
        public float $toY,
        public string $says,
        public ?string $side,
    ) {
    }

    /** @param  'above'|'below'|null  $side */
    public static function across(float $from, float $to, float $y, string $says, ?string $side = null): self
    {
        return new self($from, $y, $to, $y, $says, $side);
    }

    /** @param  'left'|'right'|null  $side */
    public static function down(float $from, float $to, float $x, string $says, ?string $side = null): self
    {
        return new self($x, $from, $x, $to, $says, $side);
    }

    /** In a view of this height that was given a quarter turn to the right. */
    public function turned(float $height): self
    {
        return new self($height - $this->fromY, $this->fromX, $height - $this->toY, $this->toX, $this->says, null);
    }
}
