<?php

declare(strict_types=1);

namespace App\ShadowBoard;

use App\Ledger\Record;

/**
 * A panel and the tools that shall hang on it; where each hangs is computed anew.
 *
 * @property string $name
 * @property float $width_mm
 * @property float $height_mm
 * @property float $room_mm for the hand between two tools
 * @property list<int> $tools
 */
final class ShadowBoard extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['width_mm' => 'float', 'height_mm' => 'float', 'room_mm' => 'float', 'tools' => 'array'];
    }
}
