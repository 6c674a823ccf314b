<?php

declare(strict_types=1);

namespace App\Models;

use JackRest\Core\Filing\SawState;

/**
 * One filing of a saw.
 *
 * @property int $tool_id
 * @property string $filed_on
 * @property SawState $state as it was found
 * @property float $lowered_mm what was jointed off its tips
 * @property int $teeth gullets that were filed
 * @property float|null $minutes
 */
final class Filing extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => SawState::class, 'lowered_mm' => 'float', 'teeth' => 'integer', 'minutes' => 'float'];
    }
}
