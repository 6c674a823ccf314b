<?php

declare(strict_types=1);

namespace App\Saw;

use App\Ledger\Record;

/**
 * One filing of a saw, or a turning of a scraper's burr.
 *
 * @property int $tool_id
 * @property string $filed_on
 * @property string $state as a saw was found (SawState), or what was done to another edge
 * @property float $lowered_mm what was jointed off its tips
 * @property int $teeth gullets that were filed
 * @property float|null $minutes
 */
final class Filing extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['lowered_mm' => 'float', 'teeth' => 'integer', 'minutes' => 'float'];
    }
}
