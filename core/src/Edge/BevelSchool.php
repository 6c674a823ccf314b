<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** What bevel a new edge gets, by school; common practice. */
enum BevelSchool: string
{
    case Micro = 'micro';
    case Hollow = 'hollow';
    case Convex = 'convex';

    /** A small wheel of the usual kind; from memory. */
    private const WHEEL_MM = 150.0;

    /** @return array{primaryDeg: float, secondaryDeg: float, wheelMm: float|null} */
    public function bevels(NewEdge $edge): array
    {
        return match ($this) {
            self::Micro => [
                'primaryDeg' => $edge->primaryDeg,
                'secondaryDeg' => $edge->secondaryDeg,
                'wheelMm' => null,
            ],
            self::Hollow => [
                'primaryDeg' => $edge->secondaryDeg,
                'secondaryDeg' => $edge->secondaryDeg,
                'wheelMm' => self::WHEEL_MM,
            ],
            self::Convex => [
                'primaryDeg' => $edge->secondaryDeg,
                'secondaryDeg' => $edge->secondaryDeg,
                'wheelMm' => null,
            ],
        };
    }
}
