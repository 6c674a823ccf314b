<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

use JackRest\Core\Season\RestLog;
use OutOfBoundsException;

/** Between which moistures pieces of several thicknesses go through the shop's year. */
final readonly class Swings
{
    /** @param  array<array-key, Swing>  $byThickness */
    private function __construct(private array $byThickness)
    {
    }

    /** @param  list<float>  $thicknessesMm */
    public static function of(RestLog $log, array $thicknessesMm): self
    {
        $swings = [];
        foreach ($thicknessesMm as $thickness) {
            $swings[(string) $thickness] ??= Swing::of($log, $thickness);
        }

        return new self($swings);
    }

    /** @throws OutOfBoundsException of a thickness that it was not made with */
    public function at(float $thicknessMm): Swing
    {
        return $this->byThickness[(string) $thicknessMm]
            ?? throw new OutOfBoundsException("No swing of $thicknessMm mm was asked for.");
    }
}
