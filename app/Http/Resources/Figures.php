<?php

declare(strict_types=1);

namespace App\Http\Resources;

use JackRest\Desk\Measure\Figure;

/** Figures as they were typed, understood and questioned. */
final class Figures
{
    /**
     * @param  array<string, Figure>  $figures
     */
    public static function of(array $figures): object
    {
        return (object) array_map(self::one(...), $figures);
    }

    /** @return array<string, mixed> */
    public static function one(Figure $figure): array
    {
        return [
            'typed' => $figure->typed,
            'value' => $figure->value,
            'understood' => $figure->understood,
            'error' => $figure->error,
            'doubt' => $figure->doubt,
            'instead' => $figure->instead,
        ];
    }
}
