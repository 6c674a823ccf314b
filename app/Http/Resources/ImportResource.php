<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Files\Import;

/** What a file would bring. */
final class ImportResource
{
    private const SHOWN = 8;

    /** @return array<string, mixed> */
    public static function of(Import $import): array
    {
        $says = $import->says();

        return [
            'sound' => count($says),
            'first' => array_slice($says, 0, self::SHOWN),
            'here' => $import->here,
            'wrong' => $import->wrong,
            'before' => $import->before,
        ];
    }
}
