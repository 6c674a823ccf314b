<?php

declare(strict_types=1);

namespace JackRest\Core\Shelf;

/** A blank measured on a day: how far it bows along an edge, winds, and cups across. Signed, mm. */
final readonly class RestReading
{
    /** @param  float  $day  days since 1970 */
    public function __construct(public float $day, public float $bowMm, public float $windMm, public float $cupMm)
    {
    }

    /** @return array<string, float> by what it is called */
    public function byName(): array
    {
        return ['bow' => $this->bowMm, 'wind' => $this->windMm, 'cup' => $this->cupMm];
    }
}
