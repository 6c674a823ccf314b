<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Shelf;

use JackRest\Core\Shelf\Figured;
use JackRest\Core\Shelf\Knots;
use JackRest\Core\Shelf\RestReading;
use JackRest\Core\Shelf\RestTest;
use JackRest\Core\Shelf\WoodBlank;
use JackRest\Core\Timber\Species;
use LogicException;

/** A blank nothing speaks against: cherry, quartersawn, straight, rested. */
final class SampleBlank
{
    /** @param  array<string, mixed>  $but  what is not as in a good blank */
    public static function named(string $name, array $but = []): WoodBlank
    {
        $rested = new RestTest([new RestReading(0, 0, 0, 0), new RestReading(7, 0, 0, 0)], 8);
        $species = Species::named($but['species'] ?? 'black cherry') ?? throw new LogicException('no such wood');

        return new WoodBlank(
            $name,
            $name,
            $species,
            $but['length'] ?? 400,
            $but['width'] ?? 60,
            $but['thickness'] ?? 20,
            $but['ring'] ?? 90,
            array_key_exists('runout', $but) ? $but['runout'] : 1.0,
            $but['figure'] ?? Figured::Straight,
            $but['knots'] ?? Knots::None,
            $but['rest'] ?? $rested,
        );
    }
}
