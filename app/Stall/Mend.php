<?php

declare(strict_types=1);

namespace App\Stall;

use App\Ledger\Record;
use App\Tool\Tool;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something to put right on a tool that came second-hand.
 *
 * @property int $tool_id
 * @property string $says
 * @property int $minutes
 * @property float $cost
 * @property string|null $done_at
 * @property Tool $tool
 */
final class Mend extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['minutes' => 'integer', 'cost' => 'float'];
    }

    /** @return BelongsTo<Tool, $this> */
    public function tool(): BelongsTo
    {
        return $this->belongsTo(Tool::class);
    }
}
