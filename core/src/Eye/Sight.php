<?php

declare(strict_types=1);

namespace JackRest\Core\Eye;

use JackRest\Core\Calculation\InvalidInput;

/** A screen that is looked at: how far it is, and how many of its pixels make a millimetre. */
final readonly class Sight
{
    /** A bank card is so wide, mm: ISO/IEC 7810, size ID-1. */
    public const CARD_MM = 85.6;

    /** Part of a pixel that soft edges still show; from memory. */
    private const FINEST_PX = 0.2;

    private const MINUTES = 60 * 180 / M_PI;

    /** @throws InvalidInput */
    public function __construct(public float $distanceMm, public float $pxPerMm)
    {
        if (! ($distanceMm >= 150 && $distanceMm <= 3000)) {
            throw InvalidInput::because('distance', 'must be from 150 to 3000 mm');
        }
        if (! ($pxPerMm >= 1 && $pxPerMm <= 50)) {
            throw InvalidInput::because('pxPerMm', 'must be from 1 to 50');
        }
    }

    /** How large an angle is on the screen, mm. */
    public function mm(float $minutes): float
    {
        return $this->distanceMm * tan($minutes / self::MINUTES);
    }

    /** The smallest angle this screen can show, arc minutes. */
    public function finest(): float
    {
        return self::MINUTES * atan(self::FINEST_PX / $this->pxPerMm / $this->distanceMm);
    }

    /** What an angle comes to at a hand's distance from the wood, mm. */
    public static function atHand(float $minutes, float $handMm): float
    {
        return $handMm * tan($minutes / self::MINUTES);
    }
}
