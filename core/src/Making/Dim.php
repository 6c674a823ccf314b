<?php

declare(strict_types=1);

namespace JackRest\Core\Making;

/** A dimension of a view: between two points of it, mm, with its line standing off by so much to the right or below. */
final readonly class Dim
{
    private function __construct(public float $fromX, public float $fromY, public float $toX, public float $toY, public string $says)
    {
    }

    public static function across(float $from, float $to, float $y, string $says): self
    {
        return new self($from, $y, $to, $y, $says);
    }

    public static function down(float $from, float $to, float $x, string $says): self
    {
        return new self($x, $from, $x, $to, $says);
    }
}
