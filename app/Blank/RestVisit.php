<?php

declare(strict_types=1);

namespace App\Blank;

use App\Ledger\Record;

/**
 * A blank measured on a day of its rest test.
 *
 * @property int $blank_id
 * @property string $measured_at
 * @property float $bow_mm
 * @property float $wind_mm
 * @property float $cup_mm
 */
final class RestVisit extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['bow_mm' => 'float', 'wind_mm' => 'float', 'cup_mm' => 'float'];
    }
}
