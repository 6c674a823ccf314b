<?php

declare(strict_types=1);

namespace JackRest\Core\Calculation;

/** Sines and tangents of angles given in degrees, as the trade gives them. */
final class Angle
{
    public static function sin(float $deg): float
    {
        return sin(deg2rad($deg));
    }

    public static function cos(float $deg): float
    {
        return cos(deg2rad($deg));
    }

    public static function tan(float $deg): float
    {
        return tan(deg2rad($deg));
    }
}
